<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { labOf, parseColour } from '../../../core'
import type { LogEntry } from '../../../core'
import { useReader } from '../../stores/reader'

/** What came out: a reading, a colour in numbers, a word about it. */
const props = defineProps<{
  kind: 'note' | 'measure'
  parts: { paint: string; drops: number }[]
}>()
const emit = defineEmits<{
  keep: [made: Pick<LogEntry, 'real' | 'reflectance' | 'note'>]
  close: []
}>()
const reader = useReader()
const numbers = ref('')
const note = ref('')
const first = ref<HTMLInputElement>()
onMounted(() => first.value?.focus())
const trouble = computed(() => {
  if (numbers.value.trim() === '') return ''
  try {
    parseColour(numbers.value)
    return ''
  } catch (error) {
    return (error as Error).message
  }
})
async function read(): Promise<void> {
  if (reader.status === 'unknown') await reader.connect()
  if (reader.status === 'uncalibrated') await reader.calibrate()
  const reading = await reader.measure({ kind: 'mix', parts: props.parts })
  if (!reading?.reflectance) return
  const { L, a, b } = labOf(reading.reflectance)
  emit('keep', { real: { L, a, b }, reflectance: [...reading.reflectance], note: note.value })
}
function keep(): void {
  if (trouble.value) return
  const lab = numbers.value.trim() === '' ? undefined : parseColour(numbers.value)
  emit('keep', {
    ...(lab ? { real: { L: lab.L, a: lab.a, b: lab.b } } : {}),
    ...(note.value ? { note: note.value } : {}),
  })
}
</script>

<template>
  <form
    class="form"
    :aria-label="kind === 'note' ? 'Note' : 'Measure'"
    @submit.prevent="keep"
    @keydown.esc="emit('close')"
  >
    <label v-if="kind === 'measure'">
      Its colour, hex or L a b
      <input ref="first" v-model="numbers" class="text-field" placeholder="61 14 17" />
    </label>
    <label class="wide">
      A word about it
      <input
        :ref="(one) => kind === 'note' && (first = one as HTMLInputElement)"
        v-model="note"
        class="text-field"
        maxlength="300"
      />
    </label>
    <button type="submit" class="primary" :disabled="trouble !== ''">Write it down</button>
    <button
      v-if="kind === 'measure'"
      type="button"
      class="plain"
      :disabled="reader.busy"
      @click="read"
    >
      Read it with the reader
    </button>
    <button type="button" class="plain" @click="emit('close')">Leave it</button>
    <p v-if="trouble || reader.trouble" role="alert">{{ trouble || reader.trouble }}</p>
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
  background: var(--field-high);
  padding: 10px 14px;
}
.text-field {
  display: block;
  width: 100%;
}
.wide {
  flex: 1 1 220px;
}
p {
  margin: 0;
  flex-basis: 100%;
}
</style>
