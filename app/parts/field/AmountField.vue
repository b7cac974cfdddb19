<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { computed, ref } from 'vue'

/** A number within limits; what lies outside is held to them, and what is allowed is said. */
const props = defineProps<{
  label: string
  min: number
  max: number
  step?: number
  /** Nothing but whole numbers. */
  whole?: boolean
  /** It may be left empty. */
  open?: boolean
  placeholder?: string
  /** Its label is said, not shown. */
  bare?: boolean
  /** With buttons for less and more. */
  buttons?: boolean
}>()
const amount = defineModel<number | undefined>({ required: true })
const typed = ref<number | null | undefined>()
const said = ref('')
const allowed = computed(() => `Allowed is ${props.min} to ${props.max}`)
function change(value: number | undefined): void {
  const given = typed.value ?? value ?? props.min
  said.value = given < props.min || given > props.max ? `${allowed.value}, not ${given}.` : ''
  typed.value = undefined
  if (value === undefined && !props.open) return
  amount.value = value
}
</script>

<template>
  <div class="amount">
    <span v-if="!bare" class="said" aria-hidden="true">{{ label }}</span>
    <ElInputNumber
      :model-value="amount"
      :min="min"
      :max="max"
      :step="step ?? 1"
      :precision="whole ? 0 : undefined"
      :controls="buttons ?? false"
      :aria-label="label"
      :placeholder="placeholder"
      :value-on-clear="open ? null : min"
      align="left"
      @input="typed = $event"
      @change="change($event ?? undefined)"
    />
    <p v-if="said" role="alert">{{ said }}</p>
  </div>
</template>

<style scoped>
.said {
  display: block;
}
.amount :deep(.el-input-number) {
  width: 100%;
  min-width: 64px;
}
p {
  margin: 2px 0 0;
  font-size: 0.875rem;
  font-weight: 600;
}
</style>
