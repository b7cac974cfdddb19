<script setup lang="ts">
import { computed } from 'vue'
import { held, mostOf, range, skinAreaCm2, usualAmounts } from '../../../../core'
import type { FigurePlan, KeptPart, Lab } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import DropBeads from '../../../parts/DropBeads.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import type { PathMove } from '../../../workers/recipeJobs'
import { usePath } from './usePath'
import { amountWords, shareWords } from './words'

/** The order of mixing: from one puddle to the next, nothing wasted and nothing to be undone. */
const store = useProject()
const ladder = useLadder()
const { answer, trouble, amounts, nameOf } = usePath()
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const numberOf = (event: Event): number => Number((event.target as HTMLInputElement).value)
const area = computed(() => skinAreaCm2(amounts.value.sizeMm, amounts.value.bare))
const bottleMl = (part: KeptPart): string => {
  const perMl = store.project.bottles?.[part.paint]?.dropsPerMl ?? usualAmounts.dropsPerMl
  return (part.drops / perMl).toFixed(part.drops / perMl < 1 ? 2 : 1)
}
const labOf = (move: PathMove): Lab =>
  move.lab ?? ladder.steps.find(({ key }) => key === move.step)!.target
</script>

<template>
  <section aria-label="Puddle path" class="path">
    <div class="asked">
      <label>
        Figures
        <input
          class="text-field"
          type="number"
          :min="1"
          :max="mostOf.copies"
          :value="amounts.figures"
          @change="
            store.setFigure(store.figure.id, {
              many: held(Math.round(numberOf($event)), [1, mostOf.copies]),
            })
          "
        />
      </label>
      <label>
        Coats a step
        <input
          class="text-field"
          type="number"
          :min="range.coatsOfStep[0]"
          :max="range.coatsOfStep[1]"
          :value="amounts.coats"
          @change="set({ coats: held(Math.round(numberOf($event)), range.coatsOfStep) })"
        />
      </label>
      <label>
        Thinned 1 :
        <input
          class="text-field"
          type="number"
          :min="range.thinnerOfStep[0]"
          :max="range.thinnerOfStep[1]"
          step="0.5"
          :value="amounts.thinner"
          @change="set({ thinner: held(numberOf($event), range.thinnerOfStep) })"
        />
      </label>
      <label>
        Bare skin, %
        <input
          class="text-field"
          type="number"
          :min="100 * range.bare[0]"
          :max="100 * range.bare[1]"
          :value="Math.round(100 * amounts.bare)"
          @change="set({ bare: held(numberOf($event) / 100, range.bare) })"
        />
      </label>
      <p class="soft">about {{ area.toFixed(area < 10 ? 1 : 0) }} cm² of skin a figure</p>
    </div>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-else-if="!answer" class="soft">Working out the path…</p>
    <template v-else>
      <ol class="moves">
        <li v-for="(move, i) in answer.moves" :key="i" :class="move.kind">
          <ColourPatch :lab="labOf(move)" class="well" />
          <div v-if="move.kind === 'mix'">
            <b>Mix {{ amountWords(move.drops) }} for {{ nameOf(move.step) }}</b>
            <span class="parts">
              <span v-for="{ paint, drops } in move.add" :key="paint">
                {{ amountWords(drops, false) }} {{ paintOf(paint).name }}
                <DropBeads :paint="paintOf(paint)" :drops="Math.ceil(drops)" />
              </span>
            </span>
          </div>
          <div v-else-if="move.kind === 'lift'">
            <b>Lift {{ shareWords(move.share) }}</b> of {{ nameOf(move.step) }} ({{
              amountWords(move.drops)
            }}) into a well of its own, for {{ nameOf(move.to) }}
          </div>
          <div v-else-if="move.kind === 'add'">
            <b>
              <template v-for="({ paint, drops }, k) in move.add" :key="paint">
                {{ k ? ' ' : '' }}+{{ amountWords(drops, false) }} {{ paintOf(paint).name }}
              </template>
            </b>
            to what was lifted: now it is {{ nameOf(move.step) }}
            <span v-if="move.add.length === 0">as it is</span>
          </div>
          <div v-else-if="move.kind === 'paint'" class="soft">
            Paint {{ nameOf(move.step) }}; keep {{ amountWords(move.keep) }} for glazes at the joins
          </div>
        </li>
      </ol>
      <p>
        {{ amountWords(answer.total) }} of paint in all;
        {{ (100 * (answer.total / answer.least - 1)).toFixed(0) }}% over the least that would do.
        Bottles lose
        <template v-for="(part, i) in answer.bottles" :key="part.paint">
          {{ i ? ', ' : '' }}{{ bottleMl(part) }} ml {{ paintOf(part.paint).name }} </template
        >. Thinner comes on top: {{ amounts.thinner }} to 1.
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
  font-size: 14px;
}
.asked input {
  display: block;
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
