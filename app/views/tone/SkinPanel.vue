<script setup lang="ts">
import { contours, geoPath, geoTransform } from 'd3'
import { computed, toRaw, watch } from 'vue'
import {
  fieldAxes,
  hexOfLab,
  NODES,
  placeOnAxis,
  skinPlaces,
  stateNames,
  typologyClasses,
  typologyOf,
  valueOnAxis,
  toneLab,
  skinLimits,
} from '../../../core'
import type { SkinField, SkinTone, StateName } from '../../../core'
import { asOptions } from '../../parts/field/options'
import PickOne from '../../parts/field/PickOne.vue'
import InTurn from '../../parts/inTurn'
import SliderRow from '../../parts/field/SliderRow.vue'
import { useProject } from '../../stores/project/project'
import FieldFrame from './FieldFrame.vue'
import PinField from './PinField.vue'
import type { PinPlace } from './PinField.vue'
import StartingPlaces from './StartingPlaces.vue'
import { FIELD_HEIGHT, FIELD_WIDTH, useField } from './useField'
import { oxygenWords, strengthWords, undertoneWords } from './words'

/** Real skins, melanin down and blood across; the pin is the figure's own. */
const store = useProject()
const starts = skinPlaces.map(({ name, tone }) => ({
  name,
  tone: { kind: 'skin', ...tone } as const,
}))

/** A hide that is looked at here starts from the middle of the field once the pin is moved. */
const MIDDLE: SkinTone = { kind: 'skin', melanin: 0.04, blood: 0.015, oxygenation: 0.75 }
const isSkin = computed(() => store.figure.tone.kind === 'skin')
const tone = computed<SkinTone>(() =>
  store.figure.tone.kind === 'skin' ? store.figure.tone : MIDDLE,
)
const set = (change: Partial<SkinTone>, tag: string): boolean =>
  store.setTone({ ...toRaw(tone.value), ...change }, tag)

const { field, trouble, ask } = useField<SkinTone, SkinField>(
  (worker, { melanin: _m, blood: _b, kind: _k, ...common }) =>
    worker.skin(common, FIELD_WIDTH, FIELD_HEIGHT),
)
watch(
  () => {
    const { melanin, blood, ...common } = tone.value
    return JSON.stringify(common)
  },
  () => ask({ ...toRaw(tone.value) }),
  { immediate: true },
)

const place = computed<PinPlace>(() => ({
  x: placeOnAxis('blood', tone.value.blood),
  y: placeOnAxis('melanin', tone.value.melanin),
}))
const move = ({ x, y }: PinPlace): boolean =>
  set({ blood: valueOnAxis('blood', x), melanin: valueOnAxis('melanin', y) }, 'pin')

const lab = computed(() => toneLab(tone.value))
const words = computed(() => {
  const [, most] = fieldAxes.blood
  return `${typologyOf(lab.value)}, melanin ${(tone.value.melanin * 100).toFixed(1)}%, blood ${((tone.value.blood / most) * 100).toFixed(0)} of 100`
})

/** Lines where one class of the typology angle passes into the next, in the field's own units. */
const lines = computed(() => {
  const angles = field.value?.angles
  if (!angles) return []
  const scale = geoTransform({
    point(x, y) {
      this.stream.point(((x - 0.5) / (NODES - 1)) * 100, ((y - 0.5) / (NODES - 1)) * 100)
    },
  })
  const path = geoPath(scale)
  const limits = typologyClasses.map(({ above }) => above).filter(Number.isFinite)
  return contours()
    .size([NODES, NODES])
    .thresholds(limits)(Array.from(angles))
    .map((line) => path(line) ?? '')
})
/** Class names in the middle of their bands, along the left edge. */
const names = computed(() => {
  const angles = field.value?.angles
  if (!angles) return []
  const column = Array.from({ length: NODES }, (_, row) => angles[row * NODES + 2]!)
  return typologyClasses.flatMap(({ name, above }, i) => {
    const below = i === 0 ? Infinity : typologyClasses[i - 1]!.above
    const rows = column.flatMap((angle, row) => (angle > above && angle <= below ? [row] : []))
    if (rows.length < 2) return []
    return [
      { name, y: Math.min(96, ((rows[0]! + rows.at(-1)!) / 2 / (NODES - 1)) * 100), dark: i >= 4 },
    ]
  })
})

const gradient = (change: (t: number) => Partial<SkinTone>): string[] =>
  [0, 0.25, 0.5, 0.75, 1].map((t) => hexOfLab(toneLab({ ...toRaw(tone.value), ...change(t) })))
const undertone = computed(() => gradient((t) => ({ carotene: t * 60 })))
const oxygen = computed(() => gradient((t) => ({ oxygenation: t * 0.98 })))
const strength = computed(() => gradient((t) => ({ strength: t })))
function setState(state: StateName | ''): void {
  set(state ? { state, strength: 0.7 } : { state: undefined, strength: undefined }, '')
}
</script>

<template>
  <section class="skin" aria-label="Skin">
    <InTurn>
      <p v-if="!isSkin" class="soft hint">
        {{ store.figure.name }} is a hide. Move the pin or choose a starting place, and it becomes
        skin.
      </p>
      <FieldFrame top="less melanin" bottom="more" :across="['less blood', 'more blood']">
        <PinField
          :pixels="field?.pixels"
          :width="FIELD_WIDTH"
          :height="FIELD_HEIGHT"
          :place="place"
          :colour="hexOfLab(lab)"
          label="Skin"
          :words="words"
          @move="move"
        >
          <svg class="lines" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
            <path v-for="line in lines" :key="line" :d="line" />
          </svg>
          <span
            v-for="{ name, y, dark } in names"
            :key="name"
            class="class"
            :class="{ dark }"
            :style="{ top: `${y}%` }"
            >{{ name }}</span
          >
        </PinField>
      </FieldFrame>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
      <StartingPlaces label="Starting places, light to dark" :places="starts" />
      <div class="sliders">
        <SliderRow
          name="Undertone"
          :words="undertoneWords(tone.carotene ?? 10)"
          :max="60"
          :step="0.5"
          :colours="undertone"
          :model-value="tone.carotene ?? 10"
          @update:model-value="set({ carotene: $event }, 'undertone')"
        />
        <SliderRow
          name="Oxygen"
          :words="oxygenWords(tone.oxygenation)"
          :max="skinLimits.oxygenation[1]"
          :step="0.01"
          :colours="oxygen"
          :model-value="tone.oxygenation"
          @update:model-value="set({ oxygenation: $event }, 'oxygen')"
        />
        <PickOne
          label="State"
          :options="[{ key: '', name: 'well' }, ...asOptions(stateNames)]"
          :model-value="tone.state ?? ''"
          @update:model-value="setState"
        />
        <SliderRow
          v-if="tone.state"
          name="How far"
          :words="strengthWords(tone.strength ?? 1)"
          :colours="strength"
          :model-value="tone.strength ?? 1"
          @update:model-value="set({ strength: $event }, 'strength')"
        />
      </div>
    </InTurn>
  </section>
</template>

<style scoped>
.skin {
  display: grid;
  gap: 10px;
}
.hint {
  margin: 0;
}
.lines {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
}
.lines path {
  fill: none;
  stroke: #000;
  stroke-opacity: 0.55;
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}
.class {
  position: absolute;
  left: 8px;
  transform: translateY(-50%);
  font-size: 0.875rem;
  color: #000;
  pointer-events: none;
}
.class.dark {
  color: #fff;
}
.sliders {
  margin-left: 22px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 6px 24px;
}
</style>
