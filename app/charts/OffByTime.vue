<script setup lang="ts">
import { scaleLinear, scaleTime } from 'd3'
import { computed } from 'vue'

/** How far mixes were off their prediction, over time. */
const props = defineProps<{ points: { at: Date; off: number; name: string }[] }>()
const WIDTH = 820
const HEIGHT = 130
const x = computed(() => {
  const times = props.points.map(({ at }) => at.getTime())
  const [first, last] = [Math.min(...times), Math.max(...times)]
  return scaleTime([new Date(first - 60_000), new Date(last + 60_000)], [30, WIDTH - 10])
})
const top = computed(() => Math.max(3, ...props.points.map(({ off }) => off)) * 1.1)
const y = computed(() => scaleLinear([0, top.value], [HEIGHT - 20, 6]))
const mean = computed(
  () => props.points.reduce((sum, { off }) => sum + off, 0) / Math.max(1, props.points.length),
)
</script>

<template>
  <figure v-if="points.length" class="chart">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="`Off by over time: ${points.length} measured, ${mean.toFixed(1)} on average`"
    >
      <g v-for="tick in y.ticks(3)" :key="tick">
        <line class="grid" x1="30" :x2="WIDTH - 10" :y1="y(tick)" :y2="y(tick)" />
        <text x="24" :y="y(tick) + 4" text-anchor="end">{{ tick }}</text>
      </g>
      <circle v-for="(point, i) in points" :key="i" :cx="x(point.at)" :cy="y(point.off)" r="4.5">
        <title>{{ point.name }}: {{ point.off.toFixed(1) }}</title>
      </circle>
    </svg>
    <figcaption class="soft">Off by, ΔE00, over time; {{ mean.toFixed(1) }} on average.</figcaption>
  </figure>
</template>

<style scoped>
circle {
  fill: var(--ink);
}
</style>
