<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, toRaw, watch } from 'vue'
import {
  baseReflectance,
  distances,
  labOf,
  readsAt,
  tooMuchOn,
  toneLab,
  usual,
} from '../../../core'
import PaletteWells from '../../parts/palette/PaletteWells.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import { screenColour } from '../../parts/screenColour'
import FigureHead from '../../parts/FigureHead.vue'
import { useAccents } from '../../stores/accents/accents'
import { withPaints } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import type { Glaze } from '../../stores/accents/glazes'
import AccentCard from './AccentCard.vue'
import DetailRow from './DetailRow.vue'
import { drawingOf } from '../../parts/place/drawing'

/** The places of life on this figure: each glaze with its recipe, before and after. */
const store = useProject()
const accents = useAccents()
const { zones, chosen, found } = storeToRefs(accents)
const drawing = computed(() => drawingOf(store.figure.tone))
/** Eyes, teeth and claws that are painted, each in its middle tone. */
const painted = computed(() =>
  drawing.value.details.flatMap(({ keys, d }) => {
    const one = accents.details.find(({ key, on }) => on && keys.includes(key))
    const lab = one?.tones.find(({ tone }) => tone === 'middle')?.lab
    return lab ? [{ d, css: screenColour(lab).css }] : []
  }),
)
const shapes = computed(() =>
  drawing.value.places.flatMap((shape) => {
    const zone = zones.value.find(({ key }) => shape.zones.includes(key))
    return zone
      ? [
          {
            ...shape,
            zone,
            css: screenColour(found.value.get(zone.key)?.after ?? labOf(zone.reflectance)).css,
          },
        ]
      : []
  }),
)
const skin = computed(() => screenColour(toneLab(store.figure.tone)).css)
watch(
  () => store.paintsIn,
  (paints) => paints.length > 0 && accents.mixSmall(paints.map(toRaw)),
  { immediate: true },
)
/** A place of life is about so much of the figure's height across; from memory. */
const PLACE_SHARE = 0.03
const cards = computed(() =>
  (store.figure.accents ?? []).flatMap((one) => {
    const key = one.place
    const zone = zones.value.find((one) => one.key === key)
    const accent = found.value.get(key)
    if (!zone) return []
    const seen = distances[store.plan.seenFrom ?? usual.seenFrom]
    const reads = accent
      ? readsAt(accent.shift, store.figure.size.heightMm * PLACE_SHARE, seen.cm)
      : 0
    return [
      { zone, chosen: one, accent, reads, seen: seen.name, warning: accent && warningFor(accent) },
    ]
  }),
)
/** Where the same glaze would be far too much: the palest figure of this commission. */
function warningFor(accent: Glaze): string {
  const pale = store.project.figures
    .map((figure) => ({ figure, lab: toneLab(figure.tone) }))
    .filter(({ figure }) => figure.id !== store.figure.id)
    .sort((one, other) => other.lab.L - one.lab.L)[0]
  if (!pale) return ''
  const whole = { ...accent, parts: withPaints(accent.parts) }
  const much = tooMuchOn(whole, baseReflectance(pale.figure.tone))
  return much
    ? `On ${pale.figure.name.split(',')[0]} the same glaze moves ${much.shift.toFixed(0)} instead of ${accent.shift.toFixed(0)}: thin it to ${much.ratio} : 1 there, or break it with a touch of blue.`
    : ''
}
function press(event: KeyboardEvent, key: string): void {
  if (event.key !== 'Enter' && event.key !== ' ') return
  event.preventDefault()
  store.toggleAccent(key)
}
</script>

<template>
  <main class="view">
    <FigureHead room="accents" />
    <SideLayout :side="330">
      <FigureRail />
      <PaletteWells />
      <svg viewBox="30 10 490 290" class="art" role="group" aria-label="Places of life">
        <path v-for="(d, i) in drawing.skin" :key="`fill ${i}`" :d="d" :fill="skin" />
        <!-- Thin places are met from beside them too. -->
        <path
          v-for="shape in shapes"
          :key="`near ${shape.d}`"
          :d="shape.d"
          class="near"
          @click="store.toggleAccent(shape.zone.key)"
        />
        <path
          v-for="shape in shapes"
          :key="shape.d"
          :d="shape.d"
          class="place"
          :class="{ on: chosen.includes(shape.zone.key) }"
          :fill="chosen.includes(shape.zone.key) ? shape.css : 'transparent'"
          role="checkbox"
          tabindex="0"
          :aria-checked="chosen.includes(shape.zone.key)"
          :aria-label="shape.zone.name"
          @click="store.toggleAccent(shape.zone.key)"
          @keydown="press($event, shape.zone.key)"
        >
          <title>{{ shape.zone.name }}</title>
        </path>
        <path
          v-for="one in painted"
          :key="`detail ${one.d}`"
          :d="one.d"
          :fill="one.css"
          class="detail"
        />
        <path v-for="d in drawing.lines" :key="d" :d="d" class="line" />
      </svg>
      <p v-if="accents.trouble" role="alert">{{ accents.trouble }}</p>
      <section aria-label="Eyes, teeth and claws" class="small">
        <h2>Eyes, teeth, claws, mouth</h2>
        <p v-if="accents.smallTrouble" role="alert">{{ accents.smallTrouble }}</p>
        <p v-else-if="!accents.small" class="soft" role="status">Mixing them…</p>
        <DetailRow v-for="one in accents.details" :key="one.key" :detail="one" />
      </section>
      <template #side>
        <h2>On this figure</h2>
        <p v-if="cards.length === 0" class="soft">
          Choose a place on the drawing; its glaze is worked out for this figure’s skin.
        </p>
        <AccentCard
          v-for="card in cards"
          :key="card.zone.key"
          v-bind="card"
          @drop="store.toggleAccent(card.zone.key)"
          @set="store.setAccent(card.zone.key, $event, Object.keys($event).join())"
        />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.art {
  width: 100%;
  max-height: 46vh;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
  pointer-events: none;
}
.detail {
  pointer-events: none;
}
.near {
  fill: none;
  stroke: transparent;
  stroke-width: 26px;
  vector-effect: non-scaling-stroke;
  pointer-events: stroke;
  cursor: pointer;
}
.place {
  stroke: var(--ink-soft);
  stroke-width: 0.8;
  stroke-dasharray: 2 3;
  cursor: pointer;
}
.place.on {
  stroke-dasharray: none;
}
.place:focus-visible {
  outline: none;
  stroke: var(--focus);
  stroke-width: 3;
  stroke-dasharray: none;
}
.small {
  display: grid;
  gap: 4px;
}
p {
  margin: 0;
}
</style>
