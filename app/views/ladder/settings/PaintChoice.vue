<script setup lang="ts">
import { useProject } from '../../../stores/project/project'

/** One paint of the plan; nothing chosen reads as `none`. */
defineProps<{ label: string; none?: string }>()
const id = defineModel<string | undefined>({ required: true })
const store = useProject()
const pick = (event: Event): void => {
  id.value = (event.target as HTMLSelectElement).value || undefined
}
</script>

<template>
  <select class="text-field wide" :aria-label="label" :value="id ?? ''" @change="pick">
    <option v-if="none" value="">{{ none }}</option>
    <option v-for="paint in store.paintsIn" :key="paint.id" :value="paint.id">
      {{ paint.name }}
    </option>
  </select>
</template>
