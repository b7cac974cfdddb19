<script setup lang="ts">
import { ElPopover } from 'element-plus'
import PlateForm from './PlateForm.vue'

/** The form of a figure's plate, beside the line that opens and closes it. */
defineProps<{ of: HTMLElement | undefined }>()
const open = defineModel<boolean>({ required: true })
</script>

<template>
  <ElPopover
    v-model:visible="open"
    virtual-triggering
    :virtual-ref="of"
    trigger="click"
    width="320"
    placement="bottom-start"
    :show-arrow="false"
    :teleported="false"
    :persistent="false"
  >
    <PlateForm @done="open = false" />
  </ElPopover>
</template>
