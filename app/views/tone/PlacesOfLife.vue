<script setup lang="ts">
import { computed } from 'vue'
import { labOf, typologyOf, zonesOf } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { screenColour } from '../../parts/screenColour'
import { useProject } from '../../stores/project/project'

/** One figure's places of life, edge to edge; all from the same model as its base. */
const store = useProject()
const zones = computed(() =>
  zonesOf(store.figure.tone).map(({ key, name, reflectance }) => {
    const lab = labOf(reflectance)
    return { key, name, lab, ink: screenColour(lab).ink }
  }),
)
const kind = computed(() => {
  const tone = store.figure.tone
  return tone.kind === 'skin' ? typologyOf(labOf(zonesOf(tone)[0]!.reflectance)) : 'hide'
})
</script>

<template>
  <section aria-labelledby="places">
    <h2 id="places">
      Places of life <span class="soft">{{ kind }}</span>
    </h2>
    <ul>
      <li v-for="{ key, name, lab, ink } in zones" :key="key">
        <ColourPatch :lab="lab" class="zone">
          <span :style="{ color: ink }">{{ name }}</span>
        </ColourPatch>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  margin-bottom: 6px;
}
h2 .soft {
  font: 0.875rem var(--text-face);
}
ul {
  display: grid;
  grid-template-columns: 1fr 1fr;
  padding: 0;
  margin: 0;
  list-style: none;
}
.zone {
  height: 38px;
  display: flex;
  align-items: flex-end;
  padding: 2px 6px;
  font-size: 0.875rem;
}
</style>
