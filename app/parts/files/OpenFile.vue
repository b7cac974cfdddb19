<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import FloatingTrouble from '../FloatingTrouble.vue'
import { bringBack } from './bringBack'

/** Brings a commission in from a file, beside those that are there, and goes to it. */
const emit = defineEmits<{ busy: [words: string] }>()
const router = useRouter()
const route = useRoute()
const input = ref<HTMLInputElement>()
const trouble = ref<{ text: string; details: string[] }>()

async function open(file: File | undefined): Promise<void> {
  if (!file) return
  trouble.value = undefined
  emit('busy', 'Opening…')
  const { id, issues, note } = await bringBack(file)
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
async function picked(): Promise<void> {
  const file = input.value?.files?.[0]
  await open(file)
  if (input.value) input.value.value = ''
}
defineExpose({ choose: () => input.value?.click(), open })
</script>

<template>
  <input
    ref="input"
    type="file"
    accept=".json,.zip,application/json,application/zip"
    class="unseen"
    aria-label="Project file"
    tabindex="-1"
    @change="picked"
  />
  <FloatingTrouble :trouble="trouble" @close="trouble = undefined" />
</template>
