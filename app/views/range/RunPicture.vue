<script setup lang="ts">
import { computed } from 'vue'
import { labOf, nearestInRun, runWithWhite, skinPlaces, skinReflectance } from '../../../core'
import type { Paint } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'

/** One bottle and white in plain ratios, and the complexions that are picked from it. */
const props = defineProps<{ paint: Paint; white: Paint }>()
const run = computed(() => runWithWhite(props.paint, props.white))
/** Further off than this it is another complexion, ΔE00; common practice, no source. */
const FAR = 12
const picked = computed(() =>
  skinPlaces.map(({ name, tone }) => ({
    name,
    ...nearestInRun(run.value, labOf(skinReflectance(tone))),
  })),
)
const under = (at: number) => picked.value.filter((one) => one.at === at && one.off < FAR)
</script>

<template>
  <figure class="run">
    <figcaption>
      {{ paint.name }} and {{ white.name }}, and the complexions one picks from them
    </figcaption>
    <ol>
      <li v-for="({ ratio, lab }, at) in run" :key="at">
        <ColourPatch :lab="lab" class="step"
          ><span>{{ ratio.join(' : ') }}</span></ColourPatch
        >
        <p v-for="{ name, off } in under(at)" :key="name">
          {{ name }} <span class="soft">{{ off.toFixed(0) }}</span>
        </p>
      </li>
    </ol>
  </figure>
</template>

<style scoped>
.run {
  margin: 16px 0 0;
}
figcaption {
  padding-bottom: 6px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(15, minmax(0, 1fr));
}
.step {
  height: 74px;
  display: flex;
  align-items: flex-end;
  padding: 0 0 3px 4px;
  font-size: 0.875rem;
  white-space: nowrap;
}
p {
  margin: 0;
  padding: 2px 4px 0 0;
  font-size: 0.875rem;
  line-height: 1.15;
}
@media (max-width: 1000px) {
  ol {
    grid-template-columns: repeat(5, minmax(0, 1fr));
  }
}
</style>
