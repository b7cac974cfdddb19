<script setup lang="ts">
import { computed, toRaw, watch } from 'vue'
import {
  dropsIn,
  errorOf,
  FEWEST_READINGS,
  labOf,
  mixPaints,
  opaqueReflectance,
  partsById,
  tintingStrength,
} from '../../../../core'
import type { BottleDrops, Lab, Paint } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useBench } from '../../../stores/bench/bench'
import { useEye } from '../../../stores/eye/eye'
import { paintOf, toldPaints } from '../../../stores/paints'
import { useTeaching } from '../../../stores/teaching'
import { roughShare, readsWords } from '../../../words/tells'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'

/** After a reading, in a line: what it tells of its bottles, and which of tonight's mixes would tell most. */
const bench = useBench()
const { readings } = useTeaching()
const eye = useEye()

interface Tonight {
  name: string
  lab: Lab
  parts: BottleDrops[]
}
/** What a mix is, whatever amount of it. */
const keyOf = (parts: readonly BottleDrops[]): string =>
  parts
    .map(({ paint, drops }) => `${paint} ${(drops / dropsIn(parts)).toFixed(3)}`)
    .sort()
    .join()
/** Mixes of moves to come that nobody has read yet, each once. */
const tonight = computed<Tonight[]>(() => {
  const mixes = new Map<string, Tonight>()
  const read = new Set(readings.value.map(({ parts }) => keyOf(parts)))
  for (const { move } of bench.plan.moves) {
    const coat = bench.done.has(move.id) ? undefined : bench.coatOf(move)
    const of = bench.wellOf(move)
    const palette = bench.palettes.get(move.figure)
    if (!coat || !of || !palette || coat.parts.length < 2) continue
    const name = palette.nameOf(of)
    const lab = labOf(opaqueReflectance(mixPaints(coat.parts)))
    const parts = coat.parts.map(({ paint, drops }) => ({ paint: paint.id, drops }))
    if (!read.has(keyOf(parts))) mixes.set(keyOf(parts), { name, lab, parts })
  }
  return [...mixes.values()]
})
interface Job {
  mixes: Tonight[]
}
const { answer, ask, forget } = useAnswer(async ({ mixes }: Job) => {
  const plain = readings.value.map((one) => ({ ...one, parts: partsById(one.parts) }))
  const { learnt, next } = await threads.learn().tells(
    plain,
    toldPaints().map(toRaw),
    mixes.map(({ parts }) => parts),
    // Nobody knows how the next will be read: by eye can be.
    errorOf('eye', eye.tolerance),
  )
  return { tells: learnt?.better ? learnt.paints : [], next, mixes }
})
watch(
  () => readings.value.length,
  (many, before) => {
    if (many === 0) forget()
    else if (many > (before ?? many)) ask({ mixes: tonight.value })
  },
)
const white = (): Paint => paintOf('titanium-white')
const told = computed(() =>
  (answer.value?.tells ?? [])
    .map(({ paint }) => {
      const was = tintingStrength(
        toldPaints().find(({ id }) => id === paint.id)!,
        white(),
      )
      return { name: paint.name, ratio: tintingStrength(paint, white()) / was }
    })
    .filter(({ ratio }) => Number.isFinite(ratio) && ratio > 0)
    .sort((one, other) => Math.abs(Math.log(other.ratio)) - Math.abs(Math.log(one.ratio)))
    .slice(0, 2)
    .map(({ name, ratio }) => readsWords(name, ratio)),
)
const next = computed(() => {
  const [first] = answer.value?.next ?? []
  const mix = first && answer.value!.mixes[first.at]
  return first && mix && first.gain > 0.02 ? { ...mix, gain: roughShare(first.gain) } : undefined
})
</script>

<template>
  <p v-if="answer" role="status" class="tells">
    <span v-if="readings.length < FEWEST_READINGS">
      {{ readings.length }} of {{ FEWEST_READINGS }} readings: from then on the box can tell whether
      its bottles are as told.
    </span>
    <span v-else-if="told.length">
      {{ told.join(', ') }}.
      <RouterLink :to="{ name: 'Log' }" class="plain">See it in the log</RouterLink>
    </span>
    <span v-else>So far nothing would be mixed better by it.</span>
    <span v-if="next" class="next">
      <ColourPatch :lab="next.lab" class="dab" />
      Of tonight’s mixes {{ next.name }}, read too, would teach most: {{ next.gain }} of what is
      doubtful goes.
    </span>
  </p>
</template>

<style scoped>
.tells {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
}
.next {
  display: flex;
  gap: 8px;
  align-items: center;
}
.dab {
  width: 34px;
  height: 24px;
  flex: none;
}
</style>
