<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import type { Lab } from '../../../core'
import { screenColour } from '../../parts/screenColour'

/** Where a mix stands to its aim: across hue and chroma, and beside it in lightness. */
const props = defineProps<{ mix: Lab; aim: Lab }>()
const SIZE = 150
const reach = computed(() =>
  Math.max(
    6,
    1.4 * Math.max(Math.abs(props.mix.a - props.aim.a), Math.abs(props.mix.b - props.aim.b)),
  ),
)
const x = computed(() =>
  scaleLinear([props.aim.a - reach.value, props.aim.a + reach.value], [8, SIZE - 8]),
)
const y = computed(() =>
  scaleLinear([props.aim.b - reach.value, props.aim.b + reach.value], [SIZE - 8, 8]),
)
const l = computed(() =>
  scaleLinear([props.aim.L - 10, props.aim.L + 10], [SIZE - 8, 8]).clamp(true),
)
const words = computed(
  () =>
    `The mix is ${(props.mix.L - props.aim.L).toFixed(1)} in lightness, ${(props.mix.a - props.aim.a).toFixed(1)} toward red and ${(props.mix.b - props.aim.b).toFixed(1)} toward yellow from the aim`,
)
</script>

<template>
  <svg viewBox="0 0 196 150" role="img" :aria-label="words">
    <rect width="150" height="150" class="ground" />
    <line :x1="x(aim.a)" :x2="x(aim.a)" y1="0" y2="150" class="axis" />
    <line x1="0" x2="150" :y1="y(aim.b)" :y2="y(aim.b)" class="axis" />
    <line :x1="x(mix.a)" :y1="y(mix.b)" :x2="x(aim.a)" :y2="y(aim.b)" class="way" />
    <circle :cx="x(aim.a)" :cy="y(aim.b)" r="7" :fill="screenColour(aim).css" class="aim" />
    <circle :cx="x(mix.a)" :cy="y(mix.b)" r="5" :fill="screenColour(mix).css" class="mix" />
    <rect x="166" width="24" height="150" class="ground" />
    <line x1="166" x2="190" :y1="l(aim.L)" :y2="l(aim.L)" class="axis" />
    <circle cx="178" :cy="l(mix.L)" r="6" :fill="screenColour(mix).css" class="mix" />
    <text x="4" y="146">greener</text>
    <text x="146" y="146" text-anchor="end">redder</text>
    <text x="4" y="14">yellower</text>
  </svg>
</template>

<style scoped>
svg {
  width: 220px;
  max-width: 100%;
}
.ground {
  fill: var(--field-low);
}
.axis {
  stroke: var(--line);
}
.way {
  stroke: var(--ink);
  stroke-width: 1.5;
}
.aim {
  stroke: var(--ink);
  stroke-width: 1;
}
.mix {
  stroke: #fff;
  stroke-width: 1.5;
}
text {
  font-size: 0.625rem;
  fill: var(--ink);
}
</style>
