<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { computed, toRaw, watch } from 'vue'
import {
  baseReflectance,
  distances,
  formKeyOf,
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
import PlacesDrawing from './PlacesDrawing.vue'

/** The places of life on this figure: each glaze with its recipe, before and after. */
const store = useProject()
const accents = useAccents()
const { zones, chosen, found } = storeToRefs(accents)
/** Eyes, teeth and claws that are painted, each in its middle tone. */
const painted = computed(
  () =>
    new Map(
      accents.details.flatMap(({ key, on, tones }) => {
        const lab = on ? tones.find(({ tone }) => tone === 'middle')?.lab : undefined
        return lab ? [[key as string, screenColour(lab).css] as const] : []
      }),
    ),
)
const glazed = computed(
  () =>
    new Map(
      zones.value.map(({ key, reflectance }) => [
        key,
        screenColour(found.value.get(key)?.after ?? labOf(reflectance)).css,
      ]),
    ),
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
</script>

<template>
  <main class="view">
    <FigureHead room="accents" />
    <SideLayout :side="330">
      <FigureRail />
      <PaletteWells />
      <PlacesDrawing
        :form="formKeyOf(store.plan)"
        :skin="skin"
        :zones="zones"
        :glazed="glazed"
        :chosen="chosen"
        :details="painted"
        @press="store.toggleAccent"
      />
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
.small {
  display: grid;
  gap: 4px;
}
p {
  margin: 0;
}
</style>
