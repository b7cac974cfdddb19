<script setup lang="ts">
import { curveStepAfter, line, scaleLinear } from 'd3'
import { computed, ref } from 'vue'
import type { Lab } from '../../core'
import { screenColour } from '../parts/screenColour'

/** Lightness of a ladder's steps, and where equal drops of two neighbours land between them. */
interface StairStep {
  name: string
  aim: Lab
  painted: Lab | undefined
  /** Equal drops of this step's mix and the next one's. */
  halfAndHalf: Lab | undefined
}
const props = defineProps<{ steps: StairStep[]; movable?: boolean }>()
const emit = defineEmits<{ move: [at: number, lightness: number] }>()

const WIDTH = 460
const HEIGHT = 190
const EDGE = { left: 30, right: 12, top: 8, bottom: 22 }

const x = computed(() => scaleLinear([0, props.steps.length], [EDGE.left, WIDTH - EDGE.right]))
const y = scaleLinear([0, 100], [HEIGHT - EDGE.bottom, EDGE.top])
const stairs = computed(() => {
  const points = props.steps.map(({ aim }, i) => [x.value(i), y(aim.L)] as [number, number])
  const last = points.at(-1)
  return line().curve(curveStepAfter)(
    last ? [...points, [x.value(props.steps.length), last[1]]] : [],
  )
})
const marks = computed(() =>
  props.steps.map(({ name, aim, painted }, i) => ({
    name,
    x: x.value(i + 0.5),
    y: y((painted ?? aim).L),
    css: screenColour(painted ?? aim).css,
    L: Math.round((painted ?? aim).L),
    aimed: Math.round(aim.L),
  })),
)
const halves = computed(() =>
  props.steps.slice(0, -1).flatMap(({ painted, halfAndHalf }, i) => {
    const next = props.steps[i + 1]!.painted
    if (!painted || !next || !halfAndHalf) return []
    return [{ x: x.value(i + 1), y: y(halfAndHalf.L), middle: y((painted.L + next.L) / 2) }]
  }),
)
const svg = ref<SVGSVGElement>()
let dragged = -1
const lightnessAt = (event: PointerEvent): number => {
  const box = svg.value!.getBoundingClientRect()
  return y.invert(((event.clientY - box.top) * HEIGHT) / box.height)
}
function start(event: PointerEvent, at: number): void {
  if (!props.movable) return
  dragged = at
  svg.value!.setPointerCapture(event.pointerId)
}
const drag = (event: PointerEvent): void => {
  if (dragged >= 0) emit('move', dragged, lightnessAt(event) - props.steps[dragged]!.aim.L)
}
function nudge(event: KeyboardEvent, at: number): void {
  const by = { ArrowUp: 0.5, ArrowDown: -0.5, PageUp: 3, PageDown: -3 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  emit('move', at, by)
}
const words = computed(
  () =>
    `Lightness from dark to light: ${marks.value.map(({ name, L }) => `${name} ${L}`).join(', ')}`,
)
</script>

<template>
  <figure class="chart">
    <svg
      ref="svg"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      :role="movable ? 'group' : 'img'"
      :aria-label="words"
      @pointermove="drag"
      @pointerup="dragged = -1"
    >
      <g v-for="L in [20, 40, 60, 80]" :key="L">
        <line class="grid" :x1="EDGE.left" :x2="WIDTH - EDGE.right" :y1="y(L)" :y2="y(L)" />
        <text :x="EDGE.left - 6" :y="y(L) + 4" text-anchor="end">{{ L }}</text>
      </g>
      <path class="stairs" :d="stairs ?? ''" />
      <g v-for="half in halves" :key="half.x">
        <line
          class="middle"
          :x1="half.x - 7"
          :x2="half.x + 7"
          :y1="half.middle"
          :y2="half.middle"
        />
        <circle class="half" :cx="half.x" :cy="half.y" r="3.5" />
      </g>
      <rect
        v-for="(mark, i) in marks"
        :key="mark.name"
        :x="mark.x - 11"
        :y="mark.y - 7"
        width="22"
        height="14"
        :fill="mark.css"
        class="mark"
        :class="{ movable }"
        :role="movable ? 'slider' : undefined"
        :tabindex="movable ? 0 : undefined"
        :aria-label="movable ? `Lightness of ${mark.name}` : undefined"
        :aria-valuenow="movable ? mark.aimed : undefined"
        :aria-valuemin="movable ? 0 : undefined"
        :aria-valuemax="movable ? 100 : undefined"
        @pointerdown="start($event, i)"
        @keydown="movable && nudge($event, i)"
      />
      <text v-for="mark in marks" :key="mark.name" :x="mark.x" :y="HEIGHT - 5" text-anchor="middle">
        {{ mark.L }}
      </text>
    </svg>
    <figcaption class="soft">
      Lightness of each step. <span class="key-bar" aria-hidden="true" /> half-way for the eye;
      <span class="key-dot" aria-hidden="true" /> where equal drops of two neighbours land.
    </figcaption>
  </figure>
</template>

<style scoped>
.stairs {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1;
  stroke-dasharray: 2 3;
}
.mark {
  stroke: var(--field-high);
  stroke-width: 1.5;
}
.movable {
  cursor: ns-resize;
}
.middle {
  stroke: var(--ink);
  stroke-width: 2;
}
.half {
  fill: var(--field);
  stroke: var(--ink);
  stroke-width: 1.75;
}
.key-bar,
.key-dot {
  display: inline-block;
  vertical-align: middle;
}
.key-bar {
  width: 14px;
  height: 2px;
  background: var(--ink);
}
.key-dot {
  width: 9px;
  height: 9px;
  border: 2px solid var(--ink);
  border-radius: 50%;
}
</style>
