<script setup lang="ts">
import { computed } from 'vue'
import { baseReflectance, hexOfLab, labOf } from '../../../core'
import type { Illuminant } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useProject } from '../../stores/project/project'

/** The base under the lights it will be seen in, each to an eye used to that light. */
const store = useProject()
const lights: { name: string; illuminant: Illuminant }[] = [
  { name: 'Daylight', illuminant: 'D65' },
  { name: 'Warm lamp', illuminant: 'A' },
  { name: 'Cabinet tube', illuminant: 'F11' },
]
const seen = computed(() => {
  const base = baseReflectance(store.figure.tone)
  return lights.map(({ name, illuminant }) => ({ name, lab: labOf(base, { illuminant }) }))
})
</script>

<template>
  <section aria-labelledby="lights">
    <h2 id="lights">Under three lights</h2>
    <div class="row">
      <div v-for="{ name, lab } in seen" :key="name">
        <ColourPatch :lab="lab" class="patch" :label="name" />
        <span>{{ name }}</span>
        <span class="soft"
          >{{ lab.L.toFixed(0) }} / {{ lab.a.toFixed(0) }} / {{ lab.b.toFixed(0) }}</span
        >
      </div>
    </div>
    <p class="soft">
      L* / a* / b*, each to an eye used to that light. {{ hexOfLab(seen[0]!.lab) }} on this screen.
    </p>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  margin-top: 6px;
  font-size: 0.875rem;
}
.patch {
  height: 34px;
}
span {
  display: block;
}
p {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
</style>
