<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, toRaw } from 'vue'
import { besideOf, FEWEST_READINGS, learntOf, partsById, predictMix, readByOf } from '../../../core'
import type { Paint } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { paintColours } from '../../parts/paintColours'
import { isKnown, nameOf, paintOf, toldPaints } from '../../stores/paints'
import LearntLadders from './LearntLadders.vue'
import { useProject } from '../../stores/project/project'
import { useTeaching } from '../../stores/teaching'
import { readByWords } from '../../words/readBy'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'

/** Readings in the log improve the bottles in them: shown first, taken over on a word, taken back at any time. */
const store = useProject()
const { known, readings: read, trying } = useTeaching()
/** What each says of how it was read, where it teaches. */
const ways = computed(() => {
  const teaching = new Set(read.value.map(({ id }) => id))
  const counts = new Map<string, number>()
  for (const entry of known.value) {
    const way = readByOf(entry)
    if (way && teaching.has(entry.id))
      counts.set(readByWords[way], (counts.get(readByWords[way]) ?? 0) + 1)
  }
  return [...counts].map(([way, n]) => `${n} ${way}`).join(', ')
})
/** Read by what only stands in for a reader: no teacher of real bottles. */
const madeUp = computed(() =>
  trying.value ? 0 : known.value.filter((entry) => readByOf(entry) === 'stand-in').length,
)
const {
  answer: found,
  trouble,
  busy,
  ask,
  forget,
} = useAnswer(() => {
  const plain = read.value.map((reading) => ({ ...reading, parts: partsById(reading.parts) }))
  // From what they were told to be: what was learnt before is in the readings already.
  return threads.learn().learn(plain, toldPaints().map(toRaw))
})
const learntPaints = computed(() => found.value?.paints.map(({ paint }) => paint) ?? [])
/** How sure a bottle alone is, ΔE00. */
const doubt = (paint: Paint): string => predictMix([{ paint, drops: 1 }]).within.toFixed(1)

function take(): void {
  const at = new Date().toISOString()
  const of = (paint: string): string[] =>
    read.value.filter(({ parts }) => parts.some((one) => one.paint === paint)).map(({ id }) => id)
  store.learn(
    Object.fromEntries(
      found.value!.paints.map(({ paint }) => [paint.id, learntOf(paint, at, of(paint.id))]),
    ),
  )
  forget()
}
/** Bottles that readings lie over, with how many there were. */
const learnt = computed(() =>
  Object.entries(store.project.bottles ?? {}).flatMap(([id, { learnt: layer }]) =>
    layer && isKnown(id) ? [{ id, name: nameOf(id), readings: layer.readings.length }] : [],
  ),
)
/** Paints that stand beside a bottle as what was once learnt of it, where both are used. */
const beside = computed(() =>
  (store.project.box ?? []).flatMap(({ id, name, origin }) => {
    const told = besideOf(id)
    return told && origin === 'calibrated' && isKnown(told)
      ? [{ id, name, told: nameOf(told) }]
      : []
  }),
)
</script>

<template>
  <section aria-labelledby="teach" class="teach">
    <h2 id="teach">The box learns</h2>
    <p class="soft">
      {{ read.length }} {{ read.length === 1 ? 'reading' : 'readings' }} of mixes can teach it; from
      four on it can tell whether it got better.
      <template v-if="ways">Read: {{ ways }}.</template>
    </p>
    <p v-if="madeUp" class="soft">
      {{ madeUp }} {{ madeUp === 1 ? 'is' : 'are' }} of the stand-in for a reader, which knows
      nothing of your bottles, and {{ madeUp === 1 ? 'teaches' : 'teach' }} nothing here.
    </p>
    <ElButton :disabled="read.length < FEWEST_READINGS || busy" @click="ask(undefined)">
      {{ busy ? 'Learning…' : 'See what they say' }}
    </ElButton>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="found">
      <p>
        <template v-if="found.before < 0.05">
          Readings are off by no more than such readings may be by themselves.
        </template>
        <template v-else>
          Readings held out in turn were off by {{ found.before.toFixed(1) }}; with what was learnt,
          {{ found.after.toFixed(1) }}.
        </template>
      </p>
      <p v-for="id in found.strange" :key="id" role="status">
        {{ nameOf(id) }} does not fit: without it every other reading is met far better. Is it a
        metallic or a glowing paint, or did the ground show through?
      </p>
      <ul class="pairs" aria-label="Bottles before and after">
        <li v-for="{ paint } in found.paints" :key="paint.id">
          <span class="pair">
            <ColourPatch
              :lab="paintColours(paintOf(paint.id)).masstone"
              label="As it is mixed now"
            />
            <ColourPatch :lab="paintColours(paint).masstone" label="As readings have it" />
            <ColourPatch :lab="paintColours(paintOf(paint.id)).tint" label="Its tint now" />
            <ColourPatch :lab="paintColours(paint).tint" label="Its tint as readings have it" />
          </span>
          {{ paint.name }}
          <span class="soft numbers">
            ±{{ doubt(paintOf(paint.id)) }}, then ±{{ doubt(paint) }}
          </span>
        </li>
      </ul>
      <ElButton v-if="found.better" type="primary" @click="take">
        Mix with what they taught
      </ElButton>
      <p v-else>It would not be better on mixes it has not seen, so nothing is taken over.</p>
      <LearntLadders v-if="found.better" :paints="learntPaints" />
    </template>
    <template v-if="learnt.length">
      <p>
        Every room mixes with what readings taught of
        {{ learnt.map(({ name, readings }) => `${name} (${readings})`).join(', ') }}.
      </p>
      <ElButton @click="store.unlearn(learnt.map(({ id }) => id))">Take it back</ElButton>
    </template>
    <p v-for="{ id, name, told } in beside" :key="id" role="status">
      “{{ name }}” and {{ told }} are one bottle in two models, and both are used.
      <ElButton @click="store.makeOneBottle(id)">Make one bottle of them</ElButton>
    </p>
  </section>
</template>

<style scoped>
.teach {
  display: grid;
  gap: 8px;
}
p,
ul {
  margin: 0;
}
.pairs {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 4px;
  font-size: 0.875rem;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.pair {
  display: grid;
  grid-template-columns: repeat(4, 22px);
  height: 22px;
}
</style>
