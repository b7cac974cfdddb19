<script setup lang="ts">
import type { JobKey } from './answers'

/** A kind of job as silhouettes on a plinth. */
defineProps<{ job: JobKey }>()
const person =
  'M0 0c-6 0-9-4-9-9 0-6 4-9 9-9s9 3 9 9c0 5-3 9-9 9Zm-13 5c3-3 23-3 26 0l5 30h-8l-2 29h-16l-2-29h-8Z'
const bust =
  'M0 8c-14 0-21-9-21-23 0-15 9-23 21-23s21 8 21 23c0 14-7 23-21 23Zm-10 4h20l3 12c14 4 22 10 24 22h-74c2-12 10-18 24-22Z'
const creature =
  'M-8 2c-7-2-12-7-12-13l-8-8 11 2c3-5 9-8 17-8s14 3 17 8l11-2-8 8c0 6-5 11-12 13l12 8 6 22-9 2-5-13-3 27h-18l-3-27-5 13-9-2 6-22Z'
const places: Record<JobKey, { d: string; x: number; scale: number }[]> = {
  bust: [{ d: bust, x: 80, scale: 0.98 }],
  figure: [{ d: person, x: 80, scale: 1 }],
  squad: [22, 51, 80, 109, 138].map((x) => ({ d: person, x, scale: 0.72 })),
  company: [
    { d: person, x: 28, scale: 0.72 },
    { d: creature, x: 68, scale: 0.95 },
    { d: person, x: 106, scale: 0.62 },
    { d: creature, x: 138, scale: 0.6 },
  ],
  pack: [24, 62, 100, 138].map((x) => ({ d: creature, x, scale: 0.72 })),
}
</script>

<template>
  <svg viewBox="0 0 160 98" aria-hidden="true">
    <path
      v-for="({ d, x, scale }, i) in places[job]"
      :key="i"
      :d="d"
      :transform="`translate(${x} ${92 - (d === bust ? 46 : d === person ? 64 : 50) * scale}) scale(${scale})`"
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
