<script setup lang="ts">
import { useFileDialog } from '@vueuse/core'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FloatingTrouble from '../FloatingTrouble.vue'
import { bringBack } from './bringBack'

/** Brings a commission in from a file, beside those that are there, and goes to it. */
const emit = defineEmits<{ busy: [words: string] }>()
const router = useRouter()
const route = useRoute()
const trouble = ref<{ text: string; details: string[] }>()

async function open(file: File | undefined): Promise<void> {
  if (!file) return
  trouble.value = undefined
  emit('busy', 'Opening…')
  const { id, issues, note } = await bringBack(file, ({ at, all }) =>
    emit('busy', `Opening… picture ${at} of ${all}`),
  )
  emit('busy', '')
  if (issues.length > 0)
    trouble.value = {
      text: `“${file.name}” was not opened. Your work is as it was.`,
      details: issues,
    }
  if (id === undefined) return
  if (note) void import('../../messages/say').then(({ say }) => say(note))
  const inside = typeof route.params.commission === 'string' && route.name
  await router.push({ name: inside ? route.name! : 'Ladder', params: { commission: id } })
}
const dialog = useFileDialog({
  accept: '.json,.zip,application/json,application/zip',
  multiple: false,
  reset: true,
})
dialog.onChange((files) => void open(files?.[0]))
defineExpose({ choose: () => dialog.open(), open })
</script>

<template>
  <FloatingTrouble :trouble="trouble" @close="trouble = undefined" />
</template>
