<script setup lang="ts">
import { computed } from 'vue'
import { coatKinds, ingredientKey, isBottle } from '../../../../core'
import type { BenchMove, Ingredient, StackCoat } from '../../../../core'
import { colourOf } from '../../../parts/palette/colourOf'
import { screenColour } from '../../../parts/screenColour'
import { useBench } from '../../../stores/bench/bench'
import type { FigurePalette } from '../../../stores/palette/figurePalette'
import { aboutWords, amountWords } from '../../../words/amounts'
import { clockWords } from '../../../words/turns'
import { useMissing } from './useMissing'

/** What a move is laid from: the wells that stand open, or what comes out of a bottle. */
const props = defineProps<{
  move: BenchMove
  palette: FigurePalette
  coat: StackCoat | undefined
}>()
const bench = useBench()
const wells = computed(() => bench.wellsOf(props.move))
const isMissing = useMissing(() => props.palette)
const css = (of: Ingredient): string | undefined => {
  const lab = colourOf(of, props.palette)
  return lab && screenColour(lab).css
}
const varnish = computed(() => props.coat && !coatKinds[props.coat.kind].pigmented)
const waits = computed(() => {
  const { figure, copy } = props.move
  const lane = bench.rotation.find((one) => one.figure === figure && one.copy === copy)
  return lane && lane.leftMs > 30_000 ? clockWords(lane.leftMs) : ''
})
</script>

<template>
  <ul v-if="wells.length" class="wells">
    <li v-for="one in wells" :key="ingredientKey(one.of)">
      <span class="paint" role="img" aria-label="The well" :style="{ background: css(one.of) }" />
      <span>
        {{ palette.nameOf(one.of) }}
        <span v-if="isMissing(one.of)" class="missing">not in</span>
        <span class="soft much">
          {{
            isBottle(one.of) ? `${amountWords(one.given.drops[0]!)} out of the bottle` : 'is open'
          }}
        </span>
      </span>
    </li>
  </ul>
  <p v-else-if="varnish" class="much">
    {{ aboutWords(palette.varnishDrops(coat!.passes)) }} of varnish, shaken well; no colour is
    mixed.
  </p>
  <p v-else class="much soft">No glaze brings it nearer; leave it as it is and go on.</p>
  <p v-if="waits" class="waits">
    <b class="numbers">{{ waits }}</b> until it is dry
  </p>
</template>

<style scoped>
.wells {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 10px;
}
li {
  display: flex;
  align-items: center;
  gap: 16px;
}
.paint {
  flex: none;
  width: 64px;
  height: 64px;
  border-radius: 50%;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.much {
  display: block;
  font-size: 1.25rem;
}
.missing {
  border: 1px solid;
  padding: 0 6px;
  font-size: 1.125rem;
}
.waits b {
  font-size: 2.75rem;
}
p {
  margin: 0;
}
@media (max-width: 640px) {
  .paint {
    width: 48px;
    height: 48px;
  }
  .much {
    font-size: 1.125rem;
  }
  .waits b {
    font-size: 2.125rem;
  }
}
</style>
