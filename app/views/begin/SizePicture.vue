<script setup lang="ts">
import { computed } from 'vue'
import type { FigureSize } from '../../../core'

/** A size beside the others: a figure, or what a bust is of one, to one scale as far as there is room. */
const props = defineProps<{ size: FigureSize }>()
const height = computed(() => `${Math.min(100, 12 + props.size.heightMm * 0.5)}%`)
</script>

<template>
  <span class="scale"><span :class="{ bust: size.bust }" :style="{ height }" /></span>
</template>

<style scoped>
.scale {
  height: 190px;
  display: flex;
  align-items: flex-end;
  justify-content: center;
  border-bottom: 3px solid var(--ink-soft);
}
.scale > span {
  width: 24%;
  background: currentColor;
  border-radius: 40% 40% 0 0;
}
.scale > span.bust {
  width: 46%;
  max-height: 46%;
  border-radius: 50% 50% 12% 12%;
}
</style>
