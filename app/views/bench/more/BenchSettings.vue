<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { coatKinds, evenings, mostOf, range } from '../../../../core'
import type { CoatKind } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import PickOne from '../../../parts/field/PickOne.vue'
import { fileName, saveFile } from '../../../parts/files/saveFile'
import { useBench } from '../../../stores/bench/bench'
import { useProject } from '../../../stores/project/project'
import { failureWords } from '../../../words/failure'

/** What is on the bench, for how long, in what air; the evenings as a calendar; habits that were learnt. */
const bench = useBench()
const store = useProject()
const EVENING = 150
const airs = [
  { key: 0.7, name: 'warm and dry' },
  { key: 1, name: 'as usual' },
  { key: 1.6, name: 'humid or cold' },
]
/** The first evening is today at seven, or tomorrow once that has gone. */
function firstEvening(): Date {
  const start = new Date()
  start.setHours(19, 0, 0, 0)
  if (start.getTime() < Date.now()) start.setDate(start.getDate() + 1)
  return start
}
const trouble = ref('')
async function calendar(): Promise<void> {
  const length = bench.state.eveningMin ?? EVENING
  const first = firstEvening()
  try {
    const sittings = evenings(bench.plan.moves, length).map((moves, i) => {
      const start = new Date(first)
      start.setDate(start.getDate() + i)
      return {
        id: `${store.figure.id}-${start.toISOString().slice(0, 10)}`,
        start,
        minutes: moves.at(-1)!.endMin - moves[0]!.startMin,
        title: `Painting ${store.figure.name}, ${i + 1}`,
        lines: moves.map(({ move }) => `${bench.figureName(move)}: ${move.words}`),
      }
    })
    const { formatCalendar } = await import('./calendar')
    saveFile(fileName(store.figure.name, 'ics'), formatCalendar(sittings), 'text/calendar')
    trouble.value = ''
  } catch (error) {
    trouble.value = failureWords(error)
  }
}
const learnt = computed(() => {
  const { thinner, drying } = bench.habits
  const name = (kind: string): string => coatKinds[kind as CoatKind].name
  return [
    ...Object.entries(thinner).map(([kind, by]) => `you thin a ${name(kind)} ${by} : 1`),
    ...Object.entries(drying).map(
      ([kind, by]) => `a ${name(kind)} dries in ${Math.round(100 * by)}% of the time reckoned`,
    ),
  ]
})
</script>

<template>
  <AmountField
    :label="`In rotation, of ${store.figure.many}`"
    :min="1"
    :max="Math.min(store.figure.many, mostOf.atOnce)"
    whole
    buttons
    :model-value="bench.atOnce"
    @update:model-value="bench.set({ atOnce: $event })"
  />
  <PickOne
    label="The air is"
    :options="airs"
    :model-value="bench.state.slower ?? 1"
    @update:model-value="bench.set({ slower: $event })"
  />
  <AmountField
    label="An evening, minutes"
    :min="range.eveningMin[0]"
    :max="range.eveningMin[1]"
    :step="15"
    whole
    buttons
    :model-value="bench.state.eveningMin ?? EVENING"
    @update:model-value="bench.set({ eveningMin: $event })"
  />
  <AmountField
    label="Put right when off by more than"
    :min="range.tolerance[0]"
    :max="range.tolerance[1]"
    :step="0.5"
    buttons
    :model-value="bench.tolerance"
    @update:model-value="bench.set({ tolerance: $event })"
  />
  <ElButton @click="calendar">Evenings as a calendar (ICS)</ElButton>
  <p v-if="trouble" role="alert">{{ trouble }}</p>
  <p v-if="learnt.length" class="soft">Learnt: {{ learnt.join('; ') }}.</p>
</template>

<style scoped>
p {
  margin: 0;
}
</style>
