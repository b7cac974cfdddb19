<script setup lang="ts">
import type { JobKey } from './answers'
import { silhouettes } from './silhouettes'
import type { Silhouette } from './silhouettes'

/** A kind of job as silhouettes on a plinth. */
defineProps<{ job: JobKey }>()
const GROUND = 92
const places: Record<JobKey, { shape: Silhouette; x: number; scale: number }[]> = {
  bust: [{ shape: 'bust', x: 80, scale: 0.98 }],
  figure: [{ shape: 'person', x: 80, scale: 1 }],
  squad: [22, 51, 80, 109, 138].map((x) => ({ shape: 'person', x, scale: 0.72 })),
  company: [
    { shape: 'person', x: 28, scale: 0.72 },
    { shape: 'creature', x: 68, scale: 0.95 },
    { shape: 'person', x: 106, scale: 0.62 },
    { shape: 'creature', x: 138, scale: 0.6 },
  ],
  pack: [24, 62, 100, 138].map((x) => ({ shape: 'creature', x, scale: 0.72 })),
}
</script>

<template>
  <svg viewBox="0 0 160 98" aria-hidden="true">
    <path
      v-for="({ shape, x, scale }, i) in places[job]"
      :key="i"
      :d="silhouettes[shape].d"
      :transform="`translate(${x} ${GROUND - silhouettes[shape].foot * scale}) scale(${scale})`"
    />
    <path d="M4 92h152v4h-152z" class="plinth" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
path {
  fill: currentColor;
}
.plinth {
  opacity: 0.5;
}
</style>
