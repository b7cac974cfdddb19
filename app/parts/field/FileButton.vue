<script setup lang="ts">
import { ElUpload } from 'element-plus'
import type { UploadFile } from 'element-plus'

/** A file chosen by a button, or dropped on it; nothing is sent anywhere. */
defineProps<{
  accept?: string
  /** The main thing to do here. */
  main?: boolean
  /** A whole field to drop on. */
  drop?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ file: [file: File] }>()
function take({ raw }: UploadFile): void {
  if (raw) emit('file', raw)
}
/** The same file may be chosen again. */
function forget(event: Event): void {
  const input = (event.currentTarget as HTMLElement).querySelector<HTMLInputElement>(
    'input[type=file]',
  )
  if (input) input.value = ''
}
</script>

<template>
  <ElUpload
    class="file"
    :class="{ main }"
    action="#"
    :auto-upload="false"
    :show-file-list="false"
    :accept="accept"
    :drag="drop"
    :disabled="disabled"
    @change="take"
    @click.capture="forget"
  >
    <slot />
  </ElUpload>
</template>
