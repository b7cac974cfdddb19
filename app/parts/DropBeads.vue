<script setup lang="ts">
import { computed } from 'vue'
import type { Paint } from '../../core'
import { paintColours } from './paintColours'
import { screenColour } from './screenColour'

/** Drops of one paint, one bead a drop in that paint's own colour. */
const props = defineProps<{ paint: Paint; drops: number }>()
const colour = computed(() => screenColour(paintColours(props.paint).masstone).css)
</script>

<template>
  <span class="beads" aria-hidden="true">
    <i v-for="n in drops" :key="n" :style="{ background: colour }" />
  </span>
</template>

<style scoped>
.beads {
  display: flex;
  flex-wrap: wrap;
  gap: 1px;
  align-content: center;
}
i {
  width: 8px;
  height: 8px;
  border-radius: 50% 50% 50% 50% / 58% 58% 42% 42%;
  box-shadow: 0 0 0 0.75px rgb(0 0 0 / 45%);
}
</style>
