<script setup lang="ts">
import { ElTour, ElTourStep } from 'element-plus'
import { useMediaQuery } from '@vueuse/core'
import { tour } from '../words/help'

/** Round the rooms in the order of the work, a line at each; nothing is covered, and Escape ends it. */
const open = defineModel<boolean>({ required: true })
const phone = useMediaQuery('(max-width: 640px)')
const linkOf = (room: string) => (): HTMLElement =>
  document.querySelector<HTMLElement>(`[data-room="${room}"]`)!
</script>

<template>
  <ElTour
    v-model="open"
    :mask="false"
    :gap="{ offset: 0, radius: 0 }"
    :scroll-into-view-options="{ block: 'nearest', inline: 'center' }"
  >
    <ElTourStep
      v-for="({ room, says }, i) in tour"
      :key="room"
      :target="linkOf(room)"
      :placement="phone ? 'top' : 'right'"
      :description="says"
      :prev-button-props="{ children: 'Back' }"
      :next-button-props="{ children: i < tour.length - 1 ? 'Next' : 'Begin' }"
    >
      <template #header
        ><h2>{{ room }}</h2></template
      >
    </ElTourStep>
  </ElTour>
</template>
