<script setup lang="ts">
import { computed, useId } from 'vue'
import { isEverywhere, lightPlaces } from '../../../core'
import type { LightPlace, Place, Tone } from '../../../core'
import { drawingOf } from './drawing'

/** Where paint goes, shown on the drawing of a head: in its shadow, on its lights, on one side, on a place of life. */
const props = withDefaults(defineProps<{ place: Place; label: string; kind?: Tone['kind'] }>(), {
  kind: 'skin',
})

const id = useId()
const drawing = computed(() => drawingOf({ kind: props.kind }))
/** Light falls from above on the left, as in the pictures of the ladder: bands from the glint to the deepest shadow. */
const bands: Readonly<Record<LightPlace, string>> = {
  glint: 'M118 40 C104 50 94 66 92 82 C104 70 126 58 150 56 C144 42 130 34 118 40 Z',
  light:
    'M150 22 C96 22 66 66 68 124 C84 96 112 74 150 70 C176 68 196 74 208 62 C196 34 174 22 150 22 Z',
  middle:
    'M68 124 C84 96 112 74 150 70 C176 68 196 74 208 62 C226 80 232 102 232 124 C226 168 176 196 134 196 C104 194 76 172 68 124 Z',
  shadow:
    'M232 124 C230 150 220 184 200 208 C176 216 130 214 104 204 C84 188 72 156 68 124 C76 172 104 194 134 196 C176 196 226 168 232 124 Z',
  'deep-shadow':
    'M200 208 C186 224 168 235 150 236 C130 234 114 222 104 204 C130 214 176 216 200 208 Z',
}
const halves = { left: 'M30 10 H150 V250 H30 Z', right: 'M150 10 H270 V250 H150 Z' } as const
const shapesOf = (keys: readonly string[]): string[] =>
  drawing.value.places
    .filter(({ zones }) => zones.some((zone) => keys.includes(zone)))
    .map(({ d }) => d)

interface Region {
  shapes: string[]
  /** Cut to this half. */
  side?: string
  /** These are left bare. */
  but: string[]
  /** Only where something lies deep, or stands out. */
  dotted: boolean
  /** A band of light ends where the head does. */
  onHead: boolean
}
const regions = computed<Region[]>(() =>
  props.place.map(({ light = [], relief = [], side, down, zones = [], but = [] }) => ({
    shapes:
      zones.length > 0
        ? shapesOf(zones)
        : down
          ? [bands['deep-shadow']]
          : light.length > 0 && light.length < lightPlaces.length
            ? light.map((one) => bands[one])
            : [...drawing.value.skin.slice(0, props.kind === 'hide' ? 3 : 1)],
    ...(side ? { side: halves[side] } : {}),
    but: shapesOf(but),
    dotted: relief.length > 0,
    onHead: zones.length === 0,
  })),
)
/** From here on the body is drawn. */
const BODY = 425
/** Hand and body are drawn beside the head; what lies only there is looked at there. */
const box = computed(() => {
  if (isEverywhere(props.place)) return '40 12 220 236'
  const starts = regions.value.flatMap(({ shapes }) =>
    shapes.map((d) => Number(/M(\d+)/.exec(d)?.[1])),
  )
  const least = Math.min(...starts)
  if (!(least >= 290)) return '40 12 220 236'
  const most = Math.max(...starts)
  if (least < BODY && most >= BODY) return '288 30 250 230'
  return least < BODY ? '300 90 120 170' : '410 30 120 230'
})
/** Lines of what is looked at only: head, hand or body. */
const lines = computed(() => {
  const [from, , width] = box.value.split(' ').map(Number) as [number, number, number]
  return drawing.value.lines.filter((d) => {
    const x = Number(/M(\d+)/.exec(d)?.[1])
    return x >= from - 20 && x <= from + width + 20
  })
})
</script>

<template>
  <svg :viewBox="box" class="place" role="img" :aria-label="label">
    <defs>
      <pattern :id="`${id}dots`" width="9" height="9" patternUnits="userSpaceOnUse">
        <circle cx="4.5" cy="4.5" r="2.6" class="dot" />
      </pattern>
      <clipPath :id="`${id}head`">
        <path v-for="d in drawing.skin" :key="d" :d="d" />
      </clipPath>
      <clipPath v-for="(region, i) in regions" :id="`${id}half${i}`" :key="i">
        <path :d="region.side ?? 'M0 0 H560 V320 H0 Z'" />
      </clipPath>
    </defs>
    <g v-for="(region, i) in regions" :key="i" :clip-path="`url(#${id}half${i})`">
      <g :clip-path="region.onHead ? `url(#${id}head)` : undefined">
        <path
          v-for="d in region.shapes"
          :key="d"
          :d="d"
          class="here"
          :style="region.dotted ? { fill: `url(#${id}dots)`, fillOpacity: 1 } : undefined"
        />
        <path v-for="d in region.but" :key="d" :d="d" class="bare" />
      </g>
    </g>
    <path v-for="d in lines" :key="d" :d="d" class="line" />
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
.dot {
  fill: var(--ink);
}
.bare {
  fill: var(--field);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
