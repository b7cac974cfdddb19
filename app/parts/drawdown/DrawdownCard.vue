<script setup lang="ts">
import type { Paint } from '../../../core'
import { drawdownCss } from './drawdownCss'

/** A drawdown: thick film above, thin below, over white and black, and the tint with white beside. */
defineProps<{ paint: Paint }>()
</script>

<template>
  <div
    class="card"
    role="img"
    :aria-label="`${paint.name} drawn down over white and black, thick and thin, and its tint with white`"
    :style="{ background: drawdownCss(paint) }"
  />
</template>

<style scoped>
.card {
  height: 66px;
}
</style>
