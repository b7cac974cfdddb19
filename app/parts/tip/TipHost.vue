<script setup lang="ts">
import { ElTooltip } from 'element-plus'
import { useEventListener } from '@vueuse/core'
import { closeTip, holdTip, leaveTip, tip } from './tip'

/** The one place that shows what `v-tip` says. */
useEventListener('keydown', ({ key }: KeyboardEvent) => key === 'Escape' && closeTip())
</script>

<template>
  <ElTooltip
    v-if="tip"
    :key="tip.words"
    virtual-triggering
    :virtual-ref="tip.of"
    :visible="true"
    :trigger="[]"
    :show-arrow="false"
    :offset="6"
    popper-class="tip"
  >
    <template #content>
      <span @pointerenter="holdTip" @pointerleave="leaveTip">{{ tip.words }}</span>
    </template>
  </ElTooltip>
</template>
