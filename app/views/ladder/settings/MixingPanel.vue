<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { computed } from 'vue'
import { stepCounts, USUAL_PUDDLES } from '../../../../core'
import type { FigurePlan, StepCount, Way } from '../../../../core'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'
import { nameOf } from '../../../stores/paints'
import { endWords, mixingWords } from '../../../words/mixing'
import PaintChoice from './PaintChoice.vue'

/** Effort and way of mixing: how many steps, from which bottles, within which limits. */
const store = useProject()
const ladder = useLadder()
const plan = computed(() => store.plan)
const way = computed<Way>(() => plan.value.way ?? 'puddles')
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const numberOf = (event: Event): number => Number((event.target as HTMLSelectElement).value)

const ways: Record<Way, { name: string; does: string }> = {
  puddles: {
    name: 'three puddles',
    does: 'A dark, a middle and a light; every step between is a plain ratio of two of them.',
  },
  matched: { name: 'each step matched', does: 'Every step has the closest mix there is.' },
  run: {
    name: 'a run of drops',
    does: 'One base; a paint toward light and one toward shade; 3 : 1, 2 : 1 … found for even steps.',
  },
  bought: {
    name: 'bottles as they are',
    does: 'A progression from the shelf, half and half where a gap wants a bridge.',
  },
}
function setWay(event: Event): void {
  const next = (event.target as HTMLSelectElement).value as Way
  // Some bottles to begin with: those that the plan mixes from now.
  const progression =
    next === 'bought' && !plan.value.progression ? ladder.paintsUsed.map(({ id }) => id) : undefined
  set({ way: next === 'puddles' ? undefined : next, ...(progression ? { progression } : {}) })
}
function toggle(id: string): void {
  const had = plan.value.progression ?? []
  set({
    progression: had.includes(id) ? had.filter((one) => one !== id) : [...had, id],
  })
}
const status = computed(() => {
  if (ladder.searching) return 'Looking for the closest drops…'
  if (ladder.trouble) return ladder.trouble
  if (ladder.note) return mixingWords(ladder.note, nameOf) + endWords(ladder.reached)
  return ladder.proved
    ? `These are the closest drops there are.${endWords(ladder.reached)}`
    : 'Close drops from a large box; open a step to have the closest proved.'
})
</script>

<template>
  <section class="mixing" aria-label="Steps and mixing">
    <div class="three">
      <label>
        Steps
        <select
          class="text-field wide"
          :value="plan.steps"
          @change="set({ steps: numberOf($event) as StepCount })"
        >
          <option v-for="n in stepCounts" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label>
        Most paints
        <select
          class="text-field wide"
          :value="plan.maxPaints"
          @change="store.setLimit('maxPaints', numberOf($event))"
        >
          <option v-for="n in 4" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label>
        Most drops
        <select
          class="text-field wide"
          :value="plan.maxDrops"
          @change="store.setLimit('maxDrops', numberOf($event))"
        >
          <option v-for="n in [4, 6, 8, 10, 12, 16, 20, 24]" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
    </div>
    <label>
      Even in
      <select
        class="text-field wide"
        aria-label="Even in"
        :value="plan.spacing ?? 'difference'"
        @change="
          set({ spacing: ($event.target as HTMLSelectElement).value as FigurePlan['spacing'] })
        "
      >
        <option value="difference">the whole difference (ΔE00)</option>
        <option value="lightness">lightness (L*)</option>
      </select>
    </label>
    <label>
      Mixed as
      <select class="text-field wide" aria-label="Way of mixing" :value="way" @change="setWay">
        <option v-for="(one, key) in ways" :key="key" :value="key">{{ one.name }}</option>
      </select>
    </label>
    <p class="soft">{{ ways[way].does }}</p>
    <label v-if="way === 'puddles'">
      Puddles
      <ElInputNumber
        :model-value="plan.puddles ?? USUAL_PUDDLES"
        :min="2"
        :max="5"
        aria-label="Puddles"
        @change="set({ puddles: $event === USUAL_PUDDLES ? undefined : $event })"
      />
    </label>
    <div v-else-if="way === 'matched'" class="two">
      <label>
        Bottles in all
        <select
          class="text-field wide"
          :value="plan.bottles ?? 0"
          @change="set({ bottles: numberOf($event) || undefined })"
        >
          <option :value="0">any</option>
          <option v-for="n in [2, 3, 4, 5, 6]" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label>
        Base in every step
        <select
          class="text-field wide"
          :value="plan.family ?? 0"
          @change="set({ family: numberOf($event) || undefined })"
        >
          <option :value="0">not needed</option>
          <option :value="0.1">a tenth</option>
          <option :value="0.25">a quarter</option>
          <option :value="0.5">half</option>
        </select>
      </label>
    </div>
    <div v-else-if="way === 'run'" class="two">
      <label>
        Toward shade
        <PaintChoice
          label="Paint toward shade"
          none="the best"
          :model-value="plan.runShade"
          @update:model-value="set({ runShade: $event })"
        />
      </label>
      <label>
        Toward light
        <PaintChoice
          label="Paint toward light"
          none="the best"
          :model-value="plan.runLight"
          @update:model-value="set({ runLight: $event })"
        />
      </label>
    </div>
    <fieldset v-else>
      <legend>Bottles of the progression</legend>
      <label v-for="{ id, name } in store.paintsIn" :key="id">
        <input type="checkbox" :checked="plan.progression?.includes(id)" @change="toggle(id)" />
        {{ name }}
      </label>
    </fieldset>
    <p class="soft note" role="status">{{ status }}</p>
  </section>
</template>

<style scoped>
.mixing {
  display: grid;
  gap: 6px;
}
.three {
  display: grid;
  grid-template-columns: 0.7fr 1fr 1fr;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
}
label {
  font-size: 14px;
}
fieldset {
  border: 1px solid var(--line);
  border-radius: 3px;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 8px;
}
input {
  accent-color: var(--ink);
}
p {
  margin: 0;
  font-size: 14px;
  line-height: 1.25;
}
</style>
