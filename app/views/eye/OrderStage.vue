<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { OrderExercise } from '../../../core'
import { useEyeSession } from '../../stores/eye/session'
import EyeSwatches from './EyeSwatches.vue'

/** Six are pressed one after the other, dark to light; pressed again one is taken back. */
const props = defineProps<{ exercise: OrderExercise }>()
const session = useEyeSession()
const put = ref<number[]>([])
watch(
  () => props.exercise,
  () => (put.value = []),
)
const done = computed(() => session.given !== undefined)
function choose(at: number): void {
  if (done.value) return
  put.value = put.value.includes(at) ? put.value.filter((one) => one !== at) : [...put.value, at]
  if (put.value.length === props.exercise.options.length) void session.answer(put.value)
}
defineExpose({ choose })
const words = computed(() =>
  done.value ? props.exercise.options.map(({ value }) => `L* ${value.toFixed(1)}`) : undefined,
)
</script>

<template>
  <EyeSwatches
    :options="exercise.options"
    :words="words"
    :chosen="put"
    :done="done"
    @choose="choose"
  />
  <p v-if="done" class="truth">
    Dark to light: {{ exercise.order.map((at) => at + 1).join(', ') }}; each is
    {{ exercise.level.toFixed(1) }} ΔL* from the next.
  </p>
</template>
