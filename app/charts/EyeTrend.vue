<script setup lang="ts">
import { area, curveMonotoneX, line, scaleLog, scaleTime } from 'd3'
import { computed } from 'vue'
import type { TrendPoint } from '../../core'

/** A threshold over the days it was asked: the line, and the band it lies in nine times out of ten. Lower is finer. */
const props = defineProps<{
  points: readonly TrendPoint[]
  label: string
  /** The number of a threshold in words. */
  words: (threshold: number) => string
}>()
const WIDTH = 290
const HEIGHT = 160
const LEFT = 46
const BOTTOM = 26
const DAY_MS = 86_400_000
const x = computed(() => {
  const days = props.points.map(({ day }) => day)
  return scaleTime(
    [Math.min(...days) - DAY_MS / 2, Math.max(...days) + DAY_MS / 2],
    [LEFT, WIDTH - 12],
  )
})
const y = computed(() =>
  scaleLog(
    [
      0.9 * Math.min(...props.points.map(({ low }) => low)),
      1.1 * Math.max(...props.points.map(({ high }) => high)),
    ],
    [HEIGHT - BOTTOM, 8],
  ),
)
const path = computed(() =>
  line<TrendPoint>()
    .x(({ day }) => x.value(day))
    .y(({ threshold }) => y.value(threshold))
    .curve(curveMonotoneX)([...props.points]),
)
const band = computed(() =>
  area<TrendPoint>()
    .x(({ day }) => x.value(day))
    .y0(({ low }) => y.value(low))
    .y1(({ high }) => y.value(high))
    .curve(curveMonotoneX)([...props.points]),
)
const ticks = computed(() => {
  const [low, high] = y.value.domain() as [number, number]
  return [low * 1.02, Math.sqrt(low * high), high * 0.98]
})
const days = computed(() => {
  const { points } = props
  const ends = points.length > 1 ? [points[0]!, points.at(-1)!] : [...points]
  return ends.map(({ day }) => ({ day, words: new Date(day).toLocaleDateString() }))
})
</script>

<template>
  <svg class="trend" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" role="img" :aria-label="label">
    <g class="grid" aria-hidden="true">
      <template v-for="tick in ticks" :key="tick">
        <line :x1="LEFT" :x2="WIDTH" :y1="y(tick)" :y2="y(tick)" />
        <text :x="LEFT - 6" :y="y(tick) + 4" text-anchor="end">
          {{ tick < 1 ? tick.toFixed(2) : tick.toFixed(1) }}
        </text>
      </template>
      <text
        v-for="({ day, words: told }, i) in days"
        :key="day"
        :x="x(day)"
        :y="HEIGHT - 6"
        :text-anchor="days.length === 1 ? 'middle' : i === 0 ? 'start' : 'end'"
      >
        {{ told }}
      </text>
    </g>
    <path v-if="band" class="band" :d="band" />
    <path v-if="path" class="run" :d="path" />
    <g v-for="point in points" :key="point.day">
      <line
        class="spread"
        :x1="x(point.day)"
        :x2="x(point.day)"
        :y1="y(point.low)"
        :y2="y(point.high)"
      />
      <circle :cx="x(point.day)" :cy="y(point.threshold)" r="4.5" />
    </g>
  </svg>
</template>

<style scoped>
.trend {
  width: 100%;
  font-size: 0.8125rem;
}
.grid line {
  stroke: var(--line);
}
text {
  fill: var(--ink-soft);
}
.band {
  fill: var(--field-high);
}
.run {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.spread {
  stroke: var(--ink-soft);
}
circle {
  fill: var(--ink);
}
</style>
