<script setup lang="ts">
import { useProject } from '../stores/project/project'
import FigurePlate from './figure/FigurePlate.vue'
import ViewHead from './ViewHead.vue'

/** The head of a room that works on a figure. */
defineProps<{ room?: string }>()
const store = useProject()
</script>

<template>
  <ViewHead :title="store.figure.name" :note="room">
    <template #about><FigurePlate /></template>
    <slot />
  </ViewHead>
</template>
