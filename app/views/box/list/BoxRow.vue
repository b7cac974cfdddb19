<script setup lang="ts">
import type { Paint } from '../../../../core'
import DrawdownStrip from './DrawdownStrip.vue'
import InTurn from '../../../parts/inTurn'

/** A row of strips; its elements stay while other paints move through them. */
defineProps<{ paints: readonly Paint[]; columns: number; chosen: string }>()
defineEmits<{ choose: [id: string] }>()
</script>

<template>
  <ul :style="{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }">
    <InTurn v-for="(paint, column) in paints" :key="column">
      <DrawdownStrip
        :paint="paint"
        :chosen="paint.id === chosen"
        @choose="$emit('choose', paint.id)"
      />
    </InTurn>
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
