<script setup lang="ts">
import { ElButton, ElInput, ElOption, ElSelect } from 'element-plus'
import { computed, ref, toRaw } from 'vue'
import { bottleParts, dispensed, parseColour, partsFound, spoken } from '../../../core'
import type { Lab, Named, PuddlePart } from '../../../core'
import { usePalette } from '../../stores/palette/palette'
import { smallBox } from '../../stores/palette/smallBox'
import { isKnown } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'

/** Ways to come by a mix: said in words, found closest to a colour, taken from what was painted. */
const emit = defineEmits<{ found: [parts: readonly PuddlePart[]] }>()
const store = usePalette()
const project = useProject()
const said = ref('')
const colour = ref('')
const trouble = ref('')

/** Puddles are meant before bottles; the base goes by what it is of, too. */
const named = computed<Named[]>(() => {
  const wells = store.wells.map(({ of, name }) => ({ of, name }))
  const base = wells.find(({ name }) => name === 'Base')
  const also = base ? ['flesh', 'skin', 'hide'].map((name) => ({ name, of: base.of })) : []
  return [
    ...wells,
    ...also,
    ...project.paintsIn.map(({ id, name, pigments }) => ({ name, of: { bottle: id }, pigments })),
  ]
})
function say(): void {
  const heard = spoken(said.value, named.value)
  trouble.value =
    'unknown' in heard
      ? heard.unknown === ''
        ? 'Say what goes in, as “the flesh with a spot of blue” or “3 base : 1 light”.'
        : `Nothing on the palette or in the box goes by “${heard.unknown}”. Allowed are names of wells and bottles, and words of hue.`
      : ''
  if (!('parts' in heard)) return
  const settled = heard.parts.map(({ of, drops }) => ({ of: store.settled(of), drops }))
  emit(
    'found',
    settled.flatMap(({ of, drops }) => (of ? [{ of, drops }] : [])),
  )
}
const {
  busy,
  trouble: stopped,
  ask,
} = useAnswer(async (target: Lab) => {
  const { plan, paintsIn, mostDrops, project: commission } = project
  const box = smallBox(paintsIn.map(toRaw), commission.puddles ?? [])
  const limits = { maxPaints: plan.maxPaints, maxDrops: mostDrops, patienceMs: 400 }
  const { mixes } = await threads.recipe().find({ ...box, ...limits, targets: [target] })
  emit('found', partsFound(mixes[0]!.parts))
})
function closest(): void {
  try {
    const { L, a, b } = parseColour(colour.value)
    trouble.value = ''
    ask({ L, a, b })
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
const painted = computed(() => project.log.slice(-60).toReversed())
function again(id: string): void {
  const entry = painted.value.find((one) => one.id === id)
  if (!entry) return
  const gone = entry.parts.find(({ paint }) => !isKnown(paint))
  trouble.value = gone ? `“${gone.paint}”, which was in it, is no longer in the box.` : ''
  if (gone) return
  const puddle = store.wells.find(({ of }) => 'puddle' in of && of.puddle === entry.puddle)
  const ratio = entry.parts.map(({ drops }) => drops)
  const { drops } = dispensed(ratio)
  emit(
    'found',
    puddle
      ? puddle.made
      : bottleParts(entry.parts.map(({ paint }, i) => ({ paint, drops: drops[i]! }))),
  )
}
</script>

<template>
  <div class="find">
    <form class="row" @submit.prevent="say">
      <ElInput
        v-model="said"
        aria-label="Say what goes in"
        placeholder="the flesh with a spot of blue"
      />
      <ElButton native-type="submit">Say it</ElButton>
    </form>
    <form class="row" @submit.prevent="closest">
      <ElInput
        v-model="colour"
        aria-label="Closest to a colour"
        placeholder="#a5705a, or 52 18 21"
      />
      <ElButton native-type="submit" :loading="busy">Find the closest</ElButton>
    </form>
    <ElSelect
      v-if="painted.length"
      model-value=""
      filterable
      placeholder="As it was painted…"
      aria-label="From the log"
      @update:model-value="again"
    >
      <ElOption v-for="one in painted" :key="one.id" :value="one.id" :label="one.what" />
    </ElSelect>
    <p v-if="trouble || stopped" role="alert">{{ trouble || stopped }}</p>
  </div>
</template>

<style scoped>
.find {
  display: grid;
  gap: 6px;
}
.row {
  display: flex;
  gap: 8px;
}
p {
  margin: 0;
  font-weight: 600;
}
</style>
