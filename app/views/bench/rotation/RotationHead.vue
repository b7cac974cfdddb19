<script setup lang="ts">
import { computed } from 'vue'
import { drawingOf } from '../../../parts/place/drawing'
import { screenColour } from '../../../parts/screenColour'
import type { RotationLane } from '../../../stores/bench/rotation'

/** One in rotation as its head, ringed while it dries. */
const props = defineProps<{
  lane: Pick<RotationLane, 'kind' | 'lab' | 'share' | 'copy'>
  atHand: boolean
}>()
const drawing = computed(() => drawingOf({ kind: props.lane.kind }))
/** Hand and body are drawn beside the head. */
const isHead = (d: string): boolean => Number(/M(\d+)/.exec(d)?.[1]) < 280
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
    <svg x="11" y="10" width="30" height="32" viewBox="40 12 220 236">
      <path
        v-for="d in drawing.skin.filter(isHead).slice(0, 3)"
        :key="d"
        :d="d"
        :fill="screenColour(lane.lab).css"
      />
      <path v-for="d in drawing.lines.filter(isHead)" :key="d" :d="d" class="line" />
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
.copy {
  font-size: 15px;
  font-weight: 700;
  text-anchor: middle;
  fill: var(--ink);
  paint-order: stroke;
  stroke: var(--field);
  stroke-width: 4px;
}
</style>
