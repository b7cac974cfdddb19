<script setup lang="ts">
import { computed, toRaw, watch } from 'vue'
import {
  chromaOf,
  hexOfLab,
  HIDE_BOTTOM_L,
  HIDE_TOP_L,
  hidePlaces,
  hueOf,
  labOfLch,
  reaches,
  possibleLab,
  toneLab,
} from '../../../core'
import type { Gamut, HideField, HideTone, Lab, Paint } from '../../../core'
import InTurn from '../../parts/inTurn'
import SliderRow from '../../parts/field/SliderRow.vue'
import { useProject } from '../../stores/project/project'
import HideNeighbours from './HideNeighbours.vue'
import HideSliders from './HideSliders.vue'
import FieldFrame from './FieldFrame.vue'
import PinField from './PinField.vue'
import type { PinPlace } from './PinField.vue'
import StartingPlaces from './StartingPlaces.vue'
import { FIELD_HEIGHT, FIELD_WIDTH, useField } from './useField'

/** Hides by hue and lightness; what the paints in use cannot mix is hatched. */
const store = useProject()
const starts = hidePlaces.map(({ name, tone }) => ({
  name,
  tone: { kind: 'hide', ...tone } as const,
}))
const isHide = computed(() => store.figure.tone.kind === 'hide')
/** Skin that is looked at here stands as a hide of its own colour. */
const tone = computed<HideTone>(() => {
  const own = store.figure.tone
  if (own.kind === 'hide') return own
  const { L, a, b } = toneLab(own)
  return { kind: 'hide', lab: { L, a, b } }
})
const set = (change: Partial<HideTone>, tag: string): boolean =>
  store.setTone({ ...toRaw(tone.value), ...change }, tag)

const L = computed(() => tone.value.lab.L)
const chroma = computed(() => chromaOf(tone.value.lab))
/** A grey has no hue of its own; the last one is kept so that chroma can come back. */
let lastHue = hueOf(tone.value.lab)
const hue = computed(() => (chroma.value > 0.5 ? (lastHue = hueOf(tone.value.lab)) : lastHue))

const labAt = (lightness: number, C: number, h: number): Lab => {
  const lab = labOfLch({ L: lightness, C, h })
  return { L: lab.L, a: lab.a, b: lab.b }
}
interface Ask {
  paints: readonly Paint[]
  chroma: number
}
type Drawn = HideField & { gamut: Gamut }
const { field, trouble, ask } = useField<Ask, Drawn>((worker, { paints, chroma }) =>
  worker.hide([...paints], chroma, FIELD_WIDTH, FIELD_HEIGHT),
)
watch(
  [() => store.paintsIn, () => Math.round(chroma.value * 2) / 2],
  ([paints, C]) => ask({ paints: toRaw(paints), chroma: C }),
  { immediate: true },
)

const place = computed<PinPlace>(() => ({
  x: hue.value / 360,
  y: (L.value - HIDE_TOP_L) / (HIDE_BOTTOM_L - HIDE_TOP_L),
}))
const move = ({ x, y }: PinPlace): boolean =>
  set(
    {
      lab: possibleLab({
        L: HIDE_TOP_L + y * (HIDE_BOTTOM_L - HIDE_TOP_L),
        C: chroma.value,
        h: x * 359.99,
      }),
    },
    'pin',
  )
const within = computed(() => !field.value || reaches(field.value.gamut, tone.value.lab))
const words = computed(
  () =>
    `lightness ${L.value.toFixed(0)}, chroma ${chroma.value.toFixed(0)}, hue ${hue.value.toFixed(0)}°` +
    (within.value ? '' : ', beyond what this box mixes'),
)

const chromas = computed(() =>
  [0, 0.25, 0.5, 0.75, 1].map((t) => hexOfLab(labAt(L.value, t * 70, hue.value))),
)
</script>

<template>
  <section class="hide" aria-label="Hide">
    <InTurn>
      <p v-if="!isHide" class="soft hint">
        {{ store.figure.name }} is skin. Move the pin or choose a starting place, and it becomes a
        hide.
      </p>
      <FieldFrame
        top="light"
        bottom="dark"
        :across="['red', 'yellow', 'green', 'blue', 'violet', 'red again']"
      >
        <PinField
          :pixels="field?.pixels"
          :width="FIELD_WIDTH"
          :height="FIELD_HEIGHT"
          :place="place"
          :colour="hexOfLab(tone.lab)"
          label="Hide"
          :words="words"
          @move="move"
        />
      </FieldFrame>
      <p class="soft hint" role="status">
        <template v-if="trouble">The field stopped: {{ trouble }}</template>
        <template v-else-if="!field">Working out what this box can mix…</template>
        <template v-else-if="within">
          The {{ store.paintsIn.length }} paints in use mix {{ Math.round(field.reached * 100) }}%
          of this field; what they cannot is hatched.
        </template>
        <template v-else>
          Beyond this box: no mix of the {{ store.paintsIn.length }} paints in use is as vivid.
          Lower the chroma, or put a stronger paint in use.
        </template>
      </p>
      <StartingPlaces label="Starting places" :places="starts" />
      <div class="sliders">
        <InTurn>
          <SliderRow
            name="Chroma"
            :words="chroma.toFixed(0)"
            :max="70"
            :step="0.5"
            :colours="chromas"
            :model-value="chroma"
            @update:model-value="set({ lab: possibleLab({ L, C: $event, h: hue }) }, 'chroma')"
          />
          <HideSliders :tone="tone" @set="set" />
        </InTurn>
      </div>
      <HideNeighbours v-if="isHide" :gamut="field?.gamut" />
    </InTurn>
  </section>
</template>

<style scoped>
.hide {
  display: grid;
  gap: 10px;
}
.hint {
  margin: 0;
  font-size: 0.9375rem;
}
.sliders {
  margin-left: 22px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 6px 24px;
}
</style>
