<script setup lang="ts">
import type { KindKey } from './answers'
import { silhouettes } from './silhouettes'
import type { Silhouette } from './silhouettes'

/** A kind of figure as silhouettes on a plinth. */
defineProps<{ kind: KindKey }>()
const GROUND = 92
const places: Record<KindKey, { shape: Silhouette; x: number; scale: number; lean?: number }[]> = {
  bust: [{ shape: 'bust', x: 80, scale: 0.98 }],
  person: [
    { shape: 'person', x: 60, scale: 1 },
    { shape: 'person', x: 106, scale: 0.82 },
  ],
  creature: [
    { shape: 'creature', x: 56, scale: 1.05 },
    { shape: 'creature', x: 112, scale: 0.72 },
  ],
  dead: [
    { shape: 'person', x: 62, scale: 0.95, lean: -14 },
    { shape: 'person', x: 104, scale: 0.85, lean: 17 },
  ],
}
</script>

<template>
  <svg viewBox="0 0 160 98" aria-hidden="true">
    <path
      v-for="({ shape, x, scale, lean = 0 }, i) in places[kind]"
      :key="i"
      :d="silhouettes[shape].d"
      :transform="`translate(${x} ${GROUND - silhouettes[shape].foot * scale}) rotate(${lean} 0 ${silhouettes[shape].foot * scale}) scale(${scale})`"
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
