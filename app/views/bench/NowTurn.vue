<script setup lang="ts">
import { computed } from 'vue'
import { cautionFor, cautions } from '../../../core'
import InTurn from '../../parts/inTurn'
import MissingBottles from '../../parts/MissingBottles.vue'
import { colourOf } from '../../parts/palette/colourOf'
import { useBench } from '../../stores/bench/bench'
import LayTurn from './what/LayTurn.vue'
import MixTurn from './what/MixTurn.vue'
import WellFilling from './where/WellFilling.vue'
import WhereForm from './where/WhereForm.vue'
import { useTurn } from './useTurn'

/** The turn at hand: what it is, and where it goes. */
defineProps<{
  /** Which page of a long mix is shown, and how many parts are on one. */
  page: number
  perPage: number
}>()
const bench = useBench()
const { turn, who, then, move, palette, coat, title, how, where, whereWords, hazards, sprayed } =
  useTurn()
const lit = computed(() => {
  const of = move.value && bench.wellOf(move.value)
  return of && palette.value && colourOf(of, palette.value)
})
const caution = computed(() => {
  const spraying =
    sprayed.value === 'always'
      ? cautionFor('spraying', hazards.value)
      : sprayed.value === 'maybe'
        ? `From a can or an airbrush? ${cautionFor('spraying', [])}`
        : ''
  return [spraying, ...hazards.value.map((key) => cautions[key])].filter(Boolean)
})
</script>

<template>
  <section class="what" aria-label="Now" aria-live="polite">
    <p class="who">{{ who }}</p>
    <h1>{{ title || (bench.now ? 'Finding its mixes…' : 'Working out the order…') }}</h1>
    <p v-if="how" class="how">{{ how }}</p>
    <template v-if="palette && move">
      <MixTurn
        v-if="turn?.kind === 'mix'"
        :well="turn.well"
        :palette="palette"
        :page="page"
        :per-page="perPage"
      />
      <LayTurn v-else :move="move" :palette="palette" :coat="coat" />
    </template>
    <MissingBottles />
    <p v-for="words in caution" :key="words" class="caution">{{ words }}</p>
    <div v-if="then.length" class="then">
      <p v-for="one in then" :key="one.id"><span class="soft">then</span> {{ one.words }}</p>
    </div>
    <p v-if="bench.trouble" role="alert">{{ bench.trouble }}</p>
  </section>
  <section class="where" aria-label="Where">
    <InTurn v-if="palette && turn">
      <WellFilling v-if="turn.kind === 'mix'" :well="turn.well" :palette="palette" />
      <WhereForm
        v-else-if="where"
        :key="turn.move.figure"
        :where="where"
        :palette="palette"
        :lit="lit"
        :words="whereWords"
      />
    </InTurn>
  </section>
</template>

<style scoped>
.what {
  min-height: 0;
  overflow: auto;
  padding: 18px 28px;
  background: var(--field-high);
  font-size: 1.625rem;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.what > * {
  flex: none;
}
.where {
  min-height: 0;
  min-width: 0;
  background: var(--field);
}
h1 {
  font-size: 2.75rem;
  line-height: 1.08;
}
.who {
  font-size: 1.5rem;
}
.how {
  padding-bottom: 6px;
}
p {
  margin: 0;
}
.caution {
  font-size: 1.0625rem;
}

.what > .then {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  font-size: 1.1875rem;
  /* What comes then gives way to what is to be done now. */
  flex: 0 1 auto;
  min-height: 0;
  overflow: hidden;
}
.then p {
  padding-bottom: 4px;
}
@media (max-height: 700px), (max-aspect-ratio: 1/1) {
  .then {
    display: none;
  }
}
@media (max-aspect-ratio: 1/1) {
  .what {
    max-height: 58vh;
  }
}
@media (max-width: 640px) {
  .what {
    padding: 8px 12px;
    font-size: 1.25rem;
    gap: 4px;
  }
  h1 {
    font-size: 1.875rem;
  }
  .who {
    font-size: 1.125rem;
  }
  .caution {
    font-size: 0.9375rem;
  }
}
</style>
