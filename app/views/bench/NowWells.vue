<script setup lang="ts">
import { computed } from 'vue'
import { ingredientKey, isBottle } from '../../../core'
import type { Ingredient, PlannedPuddle } from '../../../core'
import { colourOf } from '../../parts/palette/colourOf'
import DropBeads from '../../parts/DropBeads.vue'
import { screenColour } from '../../parts/screenColour'
import { useProject } from '../../stores/project/project'
import type { FigurePalette } from '../../stores/palette/figurePalette'
import { aboutWords, amountWords, partWords, timesWords } from '../../words/amounts'

/** What a move is painted from, well by well: what is put together for it, how much, and what will be over. */
const props = defineProps<{
  wells: readonly PlannedPuddle[]
  palette: FigurePalette
  /** They are to be mixed now; else they stand open. */
  mixes: boolean
}>()
const store = useProject()
/** Bottles that are in for this figure. */
const isIn = computed(
  () => new Set(store.paintsFor(props.palette.paint.figure).map(({ id }) => id)),
)
/** A bottle that is not in is said, not poured without a word. */
const isMissing = (of: Ingredient): boolean => isBottle(of) && !isIn.value.has(of.bottle)
const css = (one: PlannedPuddle, palette: FigurePalette): string | undefined => {
  const lab = colourOf(one.of, palette)
  return lab && screenColour(lab).css
}
</script>

<template>
  <ul class="wells">
    <li v-for="one in wells" :key="ingredientKey(one.of)">
      <span
        class="paint"
        role="img"
        aria-label="The well"
        :style="{ background: css(one, palette) }"
      />
      <div>
        <b>
          {{ mixes ? (isBottle(one.of) ? 'Pour out' : 'Mix') : 'Open:' }}
          {{ palette.nameOf(one.of)
          }}{{ one.given.times > 1 ? `, ${timesWords(one.given.times)}` : '' }}
        </b>
        <span class="parts">
          <span v-for="(part, i) in one.parts" :key="ingredientKey(part.of)">
            {{
              isBottle(one.of)
                ? amountWords(one.given.drops[i]!)
                : partWords(one.given.drops[i]!, palette.nameOf(part.of))
            }}
            <span v-if="isMissing(part.of)" class="missing">not in</span>
            <DropBeads :lab="colourOf(part.of, palette)" :drops="one.given.drops[i]!" />
          </span>
        </span>
        <span v-if="mixes && one.left > 0.24" class="soft over">
          {{ aboutWords(one.left) }} will be left over
        </span>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.wells {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
li {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
.paint {
  width: 56px;
  height: 56px;
  border-radius: 50%;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
}
.parts > span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.missing {
  border: 1px solid;
  padding: 0 6px;
  font-size: 16px;
}
.over {
  font-size: 16px;
}
</style>
