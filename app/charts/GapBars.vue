<script setup lang="ts">
import { computed } from 'vue'
import { deltaE00 } from '../../core'
import type { Lab } from '../../core'
import { screenColour } from '../parts/screenColour'

/** How far neighbours are apart: a bar a gap, half of each colour, against the mean. */
const props = defineProps<{ steps: { name: string; aim: Lab; painted: Lab | undefined }[] }>()
const gaps = computed(() =>
  props.steps.slice(1).map((step, i) => {
    const [one, other] = [props.steps[i]!, step].map(({ painted, aim }) => painted ?? aim)
    return {
      name: `${props.steps[i]!.name} to ${step.name}`,
      apart: deltaE00(one!, other!),
      from: screenColour(one!).css,
      to: screenColour(other!).css,
    }
  }),
)
const mean = computed(
  () => gaps.value.reduce((sum, { apart }) => sum + apart, 0) / Math.max(1, gaps.value.length),
)
const most = computed(() => Math.max(1, ...gaps.value.map(({ apart }) => apart)) * 1.1)
const spread = computed(() => {
  const all = gaps.value.map(({ apart }) => apart)
  return (Math.max(...all) - Math.min(...all)) / mean.value
})
</script>

<template>
  <figure>
    <ul>
      <li v-for="gap in gaps" :key="gap.name">
        <span class="name">{{ gap.name }}</span>
        <span class="bar" :style="{ width: `${(60 * gap.apart) / most}%` }">
          <span :style="{ background: gap.from }" /><span :style="{ background: gap.to }" />
        </span>
        <span class="numbers">{{ gap.apart.toFixed(1) }}</span>
      </li>
    </ul>
    <figcaption class="soft">
      Gap between neighbours, ΔE00; {{ mean.toFixed(1) }} on average, spread
      {{ (100 * spread).toFixed(0) }}%.
    </figcaption>
  </figure>
</template>

<style scoped>
figure,
ul {
  margin: 0;
  padding: 0;
}
ul {
  list-style: none;
  display: grid;
  gap: 3px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 0.875rem;
}
.name {
  flex: 0 0 168px;
}
.bar {
  display: flex;
  height: 18px;
}
.bar span {
  flex: 1;
}
figcaption {
  font-size: 0.875rem;
  margin-top: 6px;
}
</style>
