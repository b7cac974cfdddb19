<script setup lang="ts">
import { watch } from 'vue'
import { screenColour } from '../../../parts/screenColour'
import type { RotationLane } from '../../../stores/bench/rotation'
import { formDrawing } from '../../../stores/formDrawing'
import { useAnswer } from '../../../workers/useAnswer'

/** One in rotation as its head, ringed while it dries. */
const props = defineProps<{
  lane: Pick<RotationLane, 'form' | 'lab' | 'share' | 'copy'>
  atHand: boolean
}>()
const { answer: drawing, ask } = useAnswer(formDrawing)
watch(() => props.lane.form, ask, { immediate: true })
const ROUND = 2 * Math.PI * 22
</script>

<template>
  <svg viewBox="0 0 52 52" aria-hidden="true" class="head">
    <circle cx="26" cy="26" r="22" class="rail" />
    <circle
      v-if="lane.share > 0"
      cx="26"
      cy="26"
      r="22"
      class="dries"
      :stroke-dasharray="`${ROUND * lane.share} ${ROUND}`"
      transform="rotate(-90 26 26)"
    />
    <circle v-else-if="atHand" cx="26" cy="26" r="22" class="now" />
    <svg v-if="drawing" x="9" y="8" width="34" height="36" viewBox="55 15 190 200">
      <path :d="drawing.outline" :fill="screenColour(lane.lab).css" />
      <path v-for="(d, i) in drawing.shades" :key="i" :d="d" class="shade" />
      <path :d="drawing.outline" class="line" />
    </svg>
    <text v-if="lane.copy > 1" x="43" y="49" class="copy" role="presentation">{{ lane.copy }}</text>
  </svg>
</template>

<style scoped>
.head {
  width: 52px;
  height: 52px;
  display: block;
}
.rail,
.dries,
.now {
  fill: none;
  stroke-width: 4;
}
.rail {
  stroke: var(--field-low);
}
.dries {
  stroke: var(--ink);
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
}
.line {
  fill: none;
  stroke: rgb(0 0 0 / 70%);
  stroke-width: 5;
}
.shade {
  fill: rgb(0 0 0 / 26%);
}
.copy {
  font-size: 0.9375rem;
  font-weight: 700;
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
}
</style>
