<script setup lang="ts">
import { line, scaleLinear } from 'd3'
import { computed } from 'vue'

/** How many bottles, and how far off all figures are with the best so many: the mean, and thin the worst. */
const props = defineProps<{
  points: readonly { size: number; mean: number; worst: number }[]
  /** Bottles on the table now, and their mean. */
  here?: { size: number; mean: number }
}>()
const emit = defineEmits<{ choose: [size: number] }>()
const WIDTH = 300
const HEIGHT = 108
const x = computed(() => {
  const sizes = props.points.map(({ size }) => size)
  return scaleLinear([Math.min(...sizes), Math.max(...sizes)], [26, WIDTH - 14])
})
const y = computed(() =>
  scaleLinear([0, Math.max(4, ...props.points.map(({ mean }) => mean))], [HEIGHT - 20, 8]),
)
const path = computed(() =>
  line<{ size: number; mean: number }>()
    .x(({ size }) => x.value(size))
    .y(({ mean }) => y.value(mean))([...props.points]),
)
const ticks = computed(() => y.value.ticks(4))
</script>

<template>
  <svg
    v-if="points.length > 1"
    class="curve"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="group"
    aria-label="Off by, with the best so many bottles"
  >
    <g class="grid" aria-hidden="true">
      <template v-for="tick in ticks" :key="tick">
        <line :x1="0" :x2="WIDTH" :y1="y(tick)" :y2="y(tick)" />
        <text :x="0" :y="y(tick) - 3">{{ tick }}</text>
      </template>
    </g>
    <path class="mean" :d="path ?? ''" />
    <g
      v-for="one in points"
      :key="one.size"
      class="point"
      role="button"
      tabindex="0"
      :aria-label="`Best ${one.size} bottles: off by ${one.mean.toFixed(1)}, at worst ${one.worst.toFixed(1)}`"
      @click="emit('choose', one.size)"
      @keydown.enter.prevent="emit('choose', one.size)"
      @keydown.space.prevent="emit('choose', one.size)"
    >
      <rect :x="x(one.size) - 12" y="0" width="24" :height="HEIGHT" />
      <circle :cx="x(one.size)" :cy="y(one.mean)" r="4.5" />
      <text :x="x(one.size)" :y="HEIGHT - 4">{{ one.size }}</text>
    </g>
    <circle v-if="here" class="here" :cx="x(here.size)" :cy="y(here.mean)" r="7" />
  </svg>
</template>

<style scoped>
.curve {
  display: block;
  width: 100%;
  max-width: 340px;
  overflow: visible;
}
.grid line {
  stroke: var(--line);
  stroke-width: 0.75;
}
text {
  fill: var(--ink-soft);
  font: 0.75rem var(--text-face);
}
.point text {
  fill: var(--ink);
  text-anchor: middle;
}
.mean {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.point {
  cursor: pointer;
}
.point rect {
  fill: transparent;
}
.point circle {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 1.5;
}
.point:hover circle {
  fill: var(--ink);
}
.here {
  fill: var(--ink);
  pointer-events: none;
}
</style>
