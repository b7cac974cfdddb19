<script setup lang="ts">
import { ElInput } from 'element-plus'
import { ref, watch } from 'vue'
import { typedTag } from '../../stores/project/typed'

/** Words that are kept with every letter, one step of undo a visit; what cannot be kept is said, and what was, stays. */
const props = defineProps<{
  label: string
  value: string
  longest: number
  /** So many lines; one when not given. */
  rows?: number
  /** What is said when nothing is left of it; without it may be empty. */
  needed?: string
}>()
const emit = defineEmits<{ write: [text: string, tag: string] }>()
const text = ref(props.value)
const trouble = ref('')
let tag = typedTag()
/** As it was written last: what comes back otherwise, others have written, or undo has. */
let written = props.value
watch(
  () => props.value,
  (value) => {
    if (value === written) return
    written = value
    text.value = value
    trouble.value = ''
  },
)
function write(): void {
  const given = text.value.trim()
  trouble.value = given === '' ? (props.needed ?? '') : ''
  if (trouble.value || given === written) return
  written = given
  emit('write', given, tag)
}
function leave(): void {
  tag = typedTag()
  if (trouble.value) text.value = props.value
  trouble.value = ''
}
</script>

<template>
  <div class="text">
    <ElInput
      v-model="text"
      :type="rows ? 'textarea' : 'text'"
      :rows="rows"
      :maxlength="longest"
      :aria-label="label"
      :aria-invalid="trouble ? true : undefined"
      @input="write"
      @blur="leave"
      @keydown.enter="rows || leave()"
    />
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.text {
  width: 100%;
}
p {
  margin: 2px 0 0;
  color: var(--ink);
  font-size: 0.875rem;
  font-weight: 600;
}
</style>
