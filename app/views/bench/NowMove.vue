<script setup lang="ts">
import { computed } from 'vue'
import { cautionFor, cautions, coatKinds, EVERYWHERE, zonesOf } from '../../../core'
import type { Place } from '../../../core'
import PlacePicture from '../../parts/place/PlacePicture.vue'
import { useBench } from '../../stores/bench/bench'
import { aboutWords } from '../../words/amounts'
import { thinWords } from '../../words/moves'
import { placeWords } from '../../words/places'
import NowWells from './NowWells.vue'

/** The move at hand, readable at arm's length: what it is, from which wells, how thin, how often, and where. */
const bench = useBench()
const move = computed(() => bench.now!.move)
const palette = computed(() => bench.palettes.get(move.value.figure))
const coat = computed(() => bench.coatOf(move.value))
const wells = computed(() => bench.wellsOf(move.value))
/** What kind of coat, and of which well; how thin and where stands below. */
const title = computed(() => {
  const of = bench.wellOf(move.value)
  if (move.value.of.kind !== 'coat' || !coat.value) return move.value.words
  const { name } = coatKinds[coat.value.kind]
  const mix = of && palette.value ? ` of ${palette.value.nameOf(of)}` : ''
  return `${name[0]!.toUpperCase()}${name.slice(1)}${mix}`
})
/** To be mixed; an undercoat out of a bottle is poured out. */
const mixes = computed(() => bench.mixedFor(move.value).length > 0)
const hazards = computed(() => [
  ...new Set(coat.value?.parts.flatMap(({ paint }) => paint.hazards) ?? []),
])
/** An undercoat is mostly sprayed. */
const spraying = computed(() => {
  if (coat.value && coatKinds[coat.value.kind].sprayed) return cautionFor('spraying', hazards.value)
  return ['undercoat', 'sketch'].includes(move.value.of.kind)
    ? `From a can or an airbrush? ${cautionFor('spraying', [])}`
    : ''
})
/** Minutes until what comes next is dry. */
const wait = computed(() => Math.round(bench.now?.startMin ?? 0))
const place = computed<Place>(() => {
  const { of } = move.value
  if (of.kind === 'detail')
    return of.detail.includes('eye') ? [{ zones: ['eye-socket', 'socket'] }] : EVERYWHERE
  return coat.value?.place ?? EVERYWHERE
})
const where = computed(() => {
  const tone = palette.value?.paint.figure.tone
  return move.value.of.kind === 'detail'
    ? bench.now!.move.words
    : placeWords(place.value, tone ? zonesOf(tone) : [])
})
const thinned = computed(() => {
  const { of } = move.value
  if (of.kind === 'undercoat') return 'an even coat; what is in a can comes as it is'
  if (of.kind === 'sketch')
    return 'in thin passes from where the light stands, none from below: what it does not reach stays dark'
  if (of.kind === 'detail') return 'thinned 1 : 1; shadow first, a point of light last'
  if (!coat.value) return ''
  const { thinner, thinnedWith = 'water', passes, kind, lifted } = coat.value
  const times = passes === 1 ? 'one thin pass' : `${passes} thin passes`
  return coatKinds[kind].pigmented
    ? `${thinWords(thinner, thinnedWith)}, ${times}${lifted ? '; lift the pools while it is wet' : ''}`
    : `${coat.value.finish ?? 'matt'} varnish as it comes, ${times}`
})
</script>

<template>
  <section class="now" aria-label="Now" aria-live="polite">
    <div class="what">
      <p class="which">
        {{ bench.figureName(move) }} ·
        {{ bench.left === 1 ? 'the last move' : `${bench.left} moves left` }}
      </p>
      <h2>{{ title }}</h2>
      <p class="how">{{ thinned }}, {{ where }}</p>
      <NowWells v-if="palette && wells.length" :wells="wells" :palette="palette" :mixes="mixes" />
      <p v-else-if="palette && coat && !coatKinds[coat.kind].pigmented">
        {{ aboutWords(palette.varnishDrops(coat.passes)) }} of varnish, shaken well; no colour is
        mixed.
      </p>
      <p v-else-if="!palette" class="soft">Its mixes are being found…</p>
      <p v-else class="soft">No glaze brings it nearer; leave it as it is and go on.</p>
      <p v-if="wait > 1" class="soft">It still dries: about {{ wait }} minutes to go.</p>
      <p v-if="spraying" class="caution">{{ spraying }}</p>
      <p v-for="key in hazards" :key="key" class="caution">{{ cautions[key] }}</p>
    </div>
    <PlacePicture
      class="where"
      :kind="palette?.paint.figure.tone.kind"
      :place="place"
      :label="`Where: ${where}`"
    />
  </section>
</template>

<style scoped>
.now {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 170px;
  gap: 16px;
  background: var(--field-high);
  min-height: 190px;
}
.what {
  padding: 14px 0 14px 22px;
  font-size: 20px;
}
h2 {
  font-size: 30px;
  padding: 2px 0 4px;
}
.how {
  padding-bottom: 10px;
}
p {
  margin: 0;
}
.caution {
  font-size: 16px;
  padding-top: 6px;
}
.where {
  align-self: stretch;
  min-height: 190px;
}
@media (max-width: 640px) {
  .now {
    grid-template-columns: minmax(0, 1fr);
  }
  .what {
    padding: 10px 12px;
  }
  .where {
    min-height: 120px;
    height: 120px;
  }
}
</style>
