<script setup lang="ts">
import { line, scaleLinear } from 'd3'
import { computed, ref } from 'vue'
import type { Lab } from '../../core'
import { screenColour } from '../parts/screenColour'

/** The way of a ladder through hue and chroma: a* across, b* up, grey in the cross. */
const props = defineProps<{ steps: { name: string; aim: Lab; painted: Lab | undefined }[] }>()
const emit = defineEmits<{ move: [at: number, a: number, b: number] }>()
const SIZE = 300
const reach = computed(() => {
  const all = props.steps.flatMap(({ aim, painted }) => [aim, ...(painted ? [painted] : [])])
  return Math.max(20, ...all.flatMap(({ a, b }) => [Math.abs(a), Math.abs(b)])) + 6
})
const x = computed(() => scaleLinear([-reach.value, reach.value], [8, SIZE - 8]))
const y = computed(() => scaleLinear([-reach.value, reach.value], [SIZE - 8, 8]))
const place = ({ a, b }: Lab): [number, number] => [x.value(a), y.value(b)]
const path = computed(() => line()(props.steps.map(({ painted, aim }) => place(painted ?? aim))))
const rings = computed(() => [10, 20, 30, 40, 60].filter((c) => c < reach.value))
const svg = ref<SVGSVGElement>()
let dragged = -1
function start(event: PointerEvent, at: number): void {
  dragged = at
  svg.value!.setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent): void {
  if (dragged < 0) return
  const box = svg.value!.getBoundingClientRect()
  const { aim } = props.steps[dragged]!
  const at = (part: number, length: number): number => (part * SIZE) / length
  emit(
    'move',
    dragged,
    x.value.invert(at(event.clientX - box.left, box.width)) - aim.a,
    y.value.invert(at(event.clientY - box.top, box.height)) - aim.b,
  )
}
function nudge(event: KeyboardEvent, at: number): void {
  const by = (
    {
      ArrowUp: [0, 0.5],
      ArrowDown: [0, -0.5],
      ArrowLeft: [-0.5, 0],
      ArrowRight: [0.5, 0],
    } as Record<string, [number, number]>
  )[event.key]
  if (!by) return
  event.preventDefault()
  emit('move', at, ...by)
}
</script>

<template>
  <figure class="chart">
    <svg
      ref="svg"
      :viewBox="`0 0 ${SIZE} ${SIZE}`"
      role="group"
      aria-label="Hue and chroma of each step: red to the right, yellow up"
      @pointermove="drag"
      @pointerup="dragged = -1"
    >
      <circle v-for="c in rings" :key="c" class="ring" :cx="x(0)" :cy="y(0)" :r="x(c) - x(0)" />
      <line class="ring" :x1="8" :x2="SIZE - 8" :y1="y(0)" :y2="y(0)" />
      <line class="ring" :x1="x(0)" :x2="x(0)" :y1="8" :y2="SIZE - 8" />
      <text :x="SIZE - 10" :y="y(0) - 4" text-anchor="end">red</text>
      <text :x="10" :y="y(0) - 4">green</text>
      <text :x="x(0) + 5" y="20">yellow</text>
      <text :x="x(0) + 5" :y="SIZE - 12">blue</text>
      <path class="way" :d="path ?? ''" />
      <g v-for="({ name, aim, painted }, i) in steps" :key="name">
        <line
          v-if="painted"
          class="off"
          :x1="place(aim)[0]"
          :y1="place(aim)[1]"
          :x2="place(painted)[0]"
          :y2="place(painted)[1]"
        />
        <circle
          class="mark"
          :cx="place(aim)[0]"
          :cy="place(aim)[1]"
          r="7"
          :fill="screenColour(painted ?? aim).css"
          role="slider"
          tabindex="0"
          :aria-label="`Hue and chroma of ${name}`"
          :aria-valuenow="Math.round(Math.hypot(aim.a, aim.b))"
          aria-valuemin="0"
          aria-valuemax="150"
          :aria-valuetext="`a ${aim.a.toFixed(0)}, b ${aim.b.toFixed(0)}`"
          @pointerdown="start($event, i)"
          @keydown="nudge($event, i)"
        >
          <title>{{ name }}</title>
        </circle>
      </g>
    </svg>
    <figcaption class="soft">
      Way through hue and chroma; rings are 10 of chroma. Drag a step, or move it by arrow keys.
    </figcaption>
  </figure>
</template>

<style scoped>
svg {
  touch-action: none;
}
.ring {
  fill: none;
  stroke: var(--field-low);
}
.way {
  fill: none;
  stroke: var(--ink-soft);
  stroke-dasharray: 2 3;
}
.off {
  stroke: var(--ink);
}
.mark {
  stroke: var(--field-high);
  stroke-width: 1.5;
  cursor: move;
}
</style>
