<script setup lang="ts">
import type { DoubtAfter } from '../../../../core'

/** What each answer did to the doubt: a bar an answer, shorter as the paint gets surer. */
const props = defineProps<{ doubts: readonly DoubtAfter[] }>()
const words: Readonly<Record<DoubtAfter['answer'], string>> = {
  'colour and opacity': 'by colour and opacity',
  label: 'with the pigments named',
  tint: 'with the tint',
}
const width = (within: number): string =>
  `${(100 * within) / Math.max(...props.doubts.map((one) => one.within))}%`
</script>

<template>
  <ul class="doubts" aria-label="How sure it is">
    <li v-for="{ answer, within } in doubts" :key="answer">
      <span>{{ words[answer] }}</span>
      <span class="track" aria-hidden="true"
        ><span class="bar" :style="{ width: width(within) }"
      /></span>
      <span class="numbers">±{{ within.toFixed(1) }}</span>
    </li>
  </ul>
</template>

<style scoped>
.doubts {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}
li {
  display: grid;
  grid-template-columns: minmax(150px, auto) 1fr 48px;
  gap: 10px;
  align-items: center;
}
.track {
  height: 8px;
  background: var(--field-high);
}
.bar {
  display: block;
  height: 100%;
  background: var(--ink-soft);
}
</style>
