<script setup lang="ts">
import { computed } from 'vue'
import type { Place } from '../../../core'
import { outline, placeShapes } from './drawing'

/** Where paint goes, shown on the drawing of a head: in its shadow, on its lights, on one side, on a place of life. */
const props = defineProps<{ place: Place; label: string }>()

const head = outline[0]!
/** Light falls from above on the left, as in the pictures of the ladder. */
const regions: Readonly<Record<string, string>> = {
  all: head,
  lights:
    'M150 22 C96 22 66 66 68 124 C84 96 112 74 150 70 C176 68 196 74 208 62 C196 34 174 22 150 22 Z',
  middle:
    'M68 124 C84 96 112 74 150 70 C176 68 196 74 208 62 C226 80 232 102 232 124 C226 168 176 196 134 196 C104 194 76 172 68 124 Z',
  shadow:
    'M232 124 C230 176 204 232 150 236 C96 232 70 176 68 124 C76 172 104 194 134 196 C176 196 226 168 232 124 Z',
  left: 'M150 22 C96 22 66 66 68 124 C70 176 96 232 150 236 Z',
  right: 'M150 22 C204 22 234 66 232 124 C230 176 204 232 150 236 Z',
}
const zone = computed(() =>
  props.place.startsWith('zone ') ? props.place.slice('zone '.length) : undefined,
)
const shape = computed(() =>
  zone.value === undefined
    ? regions[props.place]
    : placeShapes.find(({ zones }) => zones.includes(zone.value!))?.d,
)
/** Hand and body are drawn beside the head; what lies there is looked at there. */
const box = computed(() => {
  const x = Number(/M(\d+)/.exec(shape.value ?? '')?.[1] ?? 0)
  if (x < 300) return '40 12 220 236'
  return x < 420 ? '300 90 120 170' : '410 30 120 230'
})
</script>

<template>
  <svg :viewBox="box" class="place" role="img" :aria-label="label">
    <path v-if="shape" :d="shape" class="here" />
    <path v-for="d in outline" :key="d" :d="d" class="line" />
  </svg>
</template>

<style scoped>
.place {
  width: 100%;
  height: 100%;
  background: var(--field);
}
.here {
  fill: var(--ink);
  fill-opacity: 0.72;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
