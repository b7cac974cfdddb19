<script setup lang="ts">
import type { Paint } from '../../../../core'
import DrawdownStrip from './DrawdownStrip.vue'

/** A row of strips; its elements stay while other paints move through them. */
defineProps<{ paints: readonly Paint[]; columns: number; chosen: string }>()
defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <ul :style="{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }">
    <DrawdownStrip
      v-for="(paint, column) in paints"
      :key="column"
      :paint="paint"
      :chosen="paint.id === chosen"
      @choose="$emit('choose', paint.id)"
    />
  </ul>
</template>

<style scoped>
ul {
  position: absolute;
  inset: 0 0 auto;
  display: grid;
  gap: 14px;
  padding: 0;
  margin: 0;
  contain: layout style;
}
</style>
