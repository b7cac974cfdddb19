<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { computed, ref } from 'vue'
import { coatKinds, evenings, formatCalendar, held, mostOf, range } from '../../../core'
import type { CoatKind } from '../../../core'
import { fileName, saveFile } from '../../parts/files/saveFile'
import { useBench } from '../../stores/bench/bench'
import { useProject } from '../../stores/project/project'

/** What is on the bench, for how long, in what air; the evenings as a calendar; habits that were learnt. */
const bench = useBench()
const store = useProject()
const EVENING = 150
const others = computed(() => store.project.figures.filter(({ id }) => id !== store.figure.id))
const setAtOnce = (atOnce: number | undefined): void => {
  if (atOnce !== undefined) bench.set({ atOnce })
}
const number = (event: Event, limits: readonly [number, number]): number =>
  held(Number((event.target as HTMLInputElement).value) || 0, limits)
function alongside(id: string, on: boolean): void {
  const had = bench.state.along ?? []
  bench.set({ along: on ? [...had, id] : had.filter((one) => one !== id) })
}
/** The first evening is today at seven, or tomorrow once that has gone. */
function firstEvening(): Date {
  const start = new Date()
  start.setHours(19, 0, 0, 0)
  if (start.getTime() < Date.now()) start.setDate(start.getDate() + 1)
  return start
}
const trouble = ref('')
function calendar(): void {
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
    saveFile(fileName(store.figure.name, 'ics'), formatCalendar(sittings), 'text/calendar')
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
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
  <label>
    In rotation, of {{ store.figure.many }}
    <ElInputNumber
      :model-value="bench.atOnce"
      :min="1"
      :max="Math.min(store.figure.many, mostOf.atOnce)"
      :precision="0"
      aria-label="Figures in rotation"
      @update:model-value="setAtOnce"
    />
  </label>
  <details>
    <summary>Others painted alongside ({{ bench.along.length }})</summary>
    <label v-for="{ id, name } in others" :key="id" class="check">
      <input
        type="checkbox"
        :checked="bench.along.some((one) => one.id === id)"
        @change="alongside(id, ($event.target as HTMLInputElement).checked)"
      />
      {{ name }}
    </label>
  </details>
  <label>
    The air is
    <select
      class="text-field wide"
      :value="bench.state.slower ?? 1"
      @change="bench.set({ slower: Number(($event.target as HTMLSelectElement).value) })"
    >
      <option :value="0.7">warm and dry</option>
      <option :value="1">as usual</option>
      <option :value="1.6">humid or cold</option>
    </select>
  </label>
  <label>
    An evening, minutes
    <input
      class="text-field wide"
      type="number"
      :min="range.eveningMin[0]"
      :max="range.eveningMin[1]"
      step="15"
      :value="bench.state.eveningMin ?? EVENING"
      @change="bench.set({ eveningMin: Math.round(number($event, range.eveningMin)) })"
    />
  </label>
  <label>
    Put right when off by more than
    <input
      class="text-field wide"
      type="number"
      :min="range.tolerance[0]"
      :max="range.tolerance[1]"
      step="0.5"
      :value="bench.tolerance"
      @change="
        bench.set({
          tolerance: number($event, range.tolerance),
        })
      "
    />
  </label>
  <button type="button" class="plain" @click="calendar">Evenings as a calendar (ICS)</button>
  <p v-if="trouble" role="alert">{{ trouble }}</p>
  <p v-if="learnt.length" class="soft">Learnt: {{ learnt.join('; ') }}.</p>
</template>

<style scoped>
.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
}
p {
  margin: 0;
}
</style>
