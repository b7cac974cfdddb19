<script setup lang="ts">
import { computed } from 'vue'
import { lookOf } from '../../../core'
import type { PickExercise } from '../../../core'
import { nameOf } from '../../stores/paints'
import { useEyeSession } from '../../stores/eye/session'
import { partsWords, truthWords } from '../../words/eye'
import EyeSwatches from './EyeSwatches.vue'

/** One of several is right. */
const props = defineProps<{ exercise: PickExercise }>()
const session = useEyeSession()
const done = computed(() => session.given !== undefined)
const mixes = computed(() => ['well', 'more'].includes(props.exercise.skill))
const words = computed(() => {
  if (!mixes.value) return undefined
  return props.exercise.options.map(({ parts }) =>
    props.exercise.skill === 'more' ? nameOf(parts![0]!.paint) : partsWords(parts!, nameOf),
  )
})
/** What a mix would look like is the question: a bottle is shown as it is, a mix by its drops alone. */
const before = computed(() => {
  if (!mixes.value) return undefined
  const { skill, options } = props.exercise
  return skill === 'more' ? options.map(({ parts }) => lookOf(session.world, parts!)) : []
})
const chosen = computed(() => (session.given ? [session.given.answer as number] : undefined))
/** The ends of a ladder are never what breaks it. */
const closed = computed(() =>
  props.exercise.skill === 'breaks' ? [0, props.exercise.options.length - 1] : undefined,
)
</script>

<template>
  <EyeSwatches
    :options="exercise.options"
    :touching="exercise.skill === 'breaks'"
    :words="words"
    :before="before"
    :closed="closed"
    :chosen="chosen"
    :right="exercise.right"
    :done="done"
    @choose="session.answer($event)"
  />
  <p v-if="done" class="truth">{{ truthWords(exercise, nameOf) }}</p>
</template>
