<script setup lang="ts">
import { computed } from 'vue'
import type { Lab } from '../../core'
import { screenColour } from './screenColour'

/** Drops of one thing, one bead a drop in its own colour; what is less than a drop is a smaller bead. */
const props = defineProps<{ lab: Lab | undefined; drops: number }>()
const colour = computed(() => (props.lab ? screenColour(props.lab).css : 'transparent'))
const whole = computed(() => Math.floor(props.drops + 1e-6))
const rest = computed(() => props.drops - whole.value > 1e-6)
</script>

<template>
  <span class="beads" aria-hidden="true">
    <i v-for="n in whole" :key="n" :style="{ background: colour }" />
    <i v-if="rest" class="less" :style="{ background: colour }" />
  </span>
</template>

<style scoped>
.beads {
  display: flex;
  flex-wrap: wrap;
  gap: 1px;
  align-content: center;
  align-items: center;
}
i {
  width: 8px;
  height: 8px;
  border-radius: 50% 50% 50% 50% / 58% 58% 42% 42%;
  box-shadow: 0 0 0 0.75px rgb(0 0 0 / 45%);
}
.less {
  width: 5px;
  height: 5px;
}
</style>
