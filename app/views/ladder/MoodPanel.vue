<script setup lang="ts">
import { moodLimits } from '../../../core'
import SliderRow from '../../parts/SliderRow.vue'
import { useLadder } from '../../stores/ladder'
import { useProject } from '../../stores/project'
import { contrastWords, sheenWords, turnWords, warmthWords } from './words'

/** Light, taste and effort: what shapes the ladder before any paint is mixed. */
const store = useProject()
const ladder = useLadder()

type Setting = keyof typeof moodLimits
const words: Record<Setting, (value: number) => string> = {
  warmth: warmthWords,
  turn: turnWords,
  contrast: contrastWords,
  sheen: sheenWords,
}
const names: Record<Setting, string> = {
  warmth: 'Light warmth',
  turn: 'Shadow turn',
  contrast: 'Contrast',
  sheen: 'Sheen',
}
const settings = Object.keys(names) as Setting[]

const numberOf = (event: Event): number => Number((event.target as HTMLSelectElement).value)
</script>

<template>
  <section class="mood" aria-label="Light and limits">
    <SliderRow
      v-for="name in settings"
      :key="name"
      :name="names[name]"
      :words="words[name](store.plan[name])"
      :min="moodLimits[name][0]"
      :max="moodLimits[name][1]"
      :step="0.02"
      :model-value="store.plan[name]"
      @update:model-value="store.setMood(name, $event)"
    />
    <div class="limits">
      <label>
        Steps
        <select
          class="text-field wide"
          :value="store.plan.steps"
          @change="store.setMood('steps', numberOf($event) as 5 | 7)"
        >
          <option :value="5">5</option>
          <option :value="7">7</option>
        </select>
      </label>
      <label>
        Most paints
        <select
          class="text-field wide"
          :value="store.plan.maxPaints"
          @change="store.setLimit('maxPaints', numberOf($event))"
        >
          <option v-for="n in 4" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label>
        Most drops
        <select
          class="text-field wide"
          :value="store.plan.maxDrops"
          @change="store.setLimit('maxDrops', numberOf($event))"
        >
          <option v-for="n in [4, 6, 8, 10, 12, 16, 20, 24]" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
    </div>
    <p class="soft note" role="status">
      {{
        ladder.searching
          ? 'Looking for the closest drops…'
          : ladder.trouble ||
            (ladder.proved
              ? 'These are the closest drops there are.'
              : 'Close drops from a large box; open a step to have the closest proved.')
      }}
    </p>
  </section>
</template>

<style scoped>
.mood {
  display: grid;
  gap: 4px;
}
.limits {
  display: grid;
  grid-template-columns: 0.7fr 1fr 1fr;
  gap: 8px;
}
label {
  font-size: 14px;
}
.note {
  margin: 0;
  font-size: 14px;
}
</style>
