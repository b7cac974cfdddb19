<script setup lang="ts">
import { computed } from 'vue'
import { dropsIn, mostOf, range, skinAreaCm2, usualAmounts } from '../../../../core'
import type { FigurePlan, Lab } from '../../../../core'
import { colourOf } from '../../../parts/palette/colourOf'
import AmountField from '../../../parts/field/AmountField.vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import DropBeads from '../../../parts/DropBeads.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { usePalette } from '../../../stores/palette/palette'
import { useProject } from '../../../stores/project/project'
import { amountWords, partWords, timesWords } from '../../../words/amounts'
import { usePath } from './usePath'
import type { PathMove } from './usePath'

/** The order of mixing: every puddle in amounts that can be counted, sources first, and what is left over. */
const store = useProject()
const ladder = useLadder()
const palette = usePalette()
const { moves, unlaid, nameOf, becomesWords } = usePath()
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const amounts = computed(() => ({ ...usualAmounts, ...store.plan }))
const area = computed(() => skinAreaCm2(store.figure.size.heightMm, amounts.value.bare))
const ready = computed(() => ladder.steps.every(({ parts }) => parts.length > 0))
const bottleMl = (paint: string, drops: number): string => {
  const ml = drops / (store.project.bottles?.[paint]?.dropsPerMl ?? usualAmounts.dropsPerMl)
  return ml.toFixed(ml < 1 ? 2 : 1)
}
const lookOf = ({ of }: PathMove): Lab | undefined => colourOf(of, palette.palette)
</script>

<template>
  <section aria-label="Puddle path" class="path">
    <div class="asked">
      <AmountField
        label="Figures"
        :min="1"
        :max="mostOf.copies"
        whole
        :model-value="store.figure.many"
        @update:model-value="store.setFigure(store.figure.id, { many: $event! })"
      />
      <AmountField
        label="Bare skin, %"
        :min="100 * range.bare[0]"
        :max="100 * range.bare[1]"
        whole
        :model-value="Math.round(100 * amounts.bare)"
        @update:model-value="set({ bare: $event! / 100 })"
      />
      <p class="soft">about {{ area.toFixed(area < 10 ? 1 : 0) }} cm² of skin a figure</p>
    </div>
    <p v-if="!ready" class="soft">Working out the path…</p>
    <template v-else>
      <ol class="moves">
        <li v-for="move in moves" :key="move.key">
          <ColourPatch v-if="lookOf(move)" :lab="lookOf(move)!" class="well" />
          <div>
            <b>{{ 'bottle' in move.of ? `Pour out ${move.name}` : `Mix ${move.name}` }}</b>
            <span v-if="move.given.times > 1">, {{ timesWords(move.given.times) }}</span>
            <span class="parts">
              <span v-for="(part, i) in move.parts" :key="i">
                {{
                  'bottle' in move.of
                    ? amountWords(move.given.drops[i]!)
                    : partWords(move.given.drops[i]!, nameOf(part.of))
                }}
                <DropBeads
                  :lab="colourOf(part.of, palette.palette)"
                  :drops="move.given.drops[i]!"
                />
              </span>
            </span>
            <span class="soft what">
              {{ becomesWords(move) }}
              <template v-if="!move.given.near"> · as near as drops allow</template>
            </span>
          </div>
        </li>
      </ol>
      <p>
        {{ Math.ceil(dropsIn(palette.palette.plan.bottles)) }} drops out of bottles in all:
        <template v-for="(one, i) in palette.palette.plan.bottles" :key="one.paint">
          {{ i ? ', ' : '' }}{{ bottleMl(one.paint, one.drops) }} ml
          {{ nameOf({ bottle: one.paint }) }} </template
        >. Thinner comes on top.
      </p>
      <p v-for="one in unlaid" :key="one.name" class="soft">
        {{ one.name }} is laid by no coat; mixed when it is wanted: {{ one.words }}
      </p>
    </template>
  </section>
</template>

<style scoped>
.path {
  display: grid;
  gap: 10px;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  font-size: 0.875rem;
}
.asked > div {
  width: 92px;
}
.asked p,
p {
  margin: 0;
}
.moves {
  list-style: none;
  margin: 0;
  padding: 0;
}
.moves li {
  display: grid;
  grid-template-columns: 64px minmax(0, 1fr);
  align-items: center;
  gap: 14px;
  min-height: 34px;
}
.moves li > div {
  padding: 4px 0;
}
.well {
  height: 100%;
  min-height: 34px;
}
.what {
  display: block;
  font-size: 0.875rem;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
.parts > span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
</style>
