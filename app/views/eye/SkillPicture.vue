<script setup lang="ts">
import { computed } from 'vue'
import { skills } from '../../../core'
import type { Lab, Skill } from '../../../core'
import { screenColour } from '../../parts/screenColour'

/** What is asked in a skill, drawn small from the painter's own tones. */
const props = defineProps<{ skill: Skill; tones: readonly Lab[] }>()
const WIDTH = 96
const HEIGHT = 36
const tone = (i: number): string => screenColour(props.tones[i % props.tones.length]!).css
/** Six squares apart, seven steps that touch, pairs, a run between two ends, a field. */
const squares = computed(() => {
  const { skill } = props
  const { kind } = skills[skill]
  const at = (columns: number, rows: number, gap: number) =>
    Array.from({ length: columns * rows }, (_, i) => {
      const [w, h] = [(WIDTH + gap) / columns, (HEIGHT + gap) / rows]
      return {
        x: (i % columns) * w,
        y: Math.floor(i / columns) * h,
        width: w - gap,
        height: h - gap,
        fill: tone(skill === 'breaks' && i === 4 ? 40 : i * (kind === 'pick' && rows > 1 ? 5 : 1)),
      }
    })
  if (kind === 'field') return at(8, 4, 0)
  if (kind === 'slide') return at(2, 1, 0)
  if (skill === 'breaks') return at(7, 1, 0)
  if (kind === 'order') return at(6, 1, 4)
  return at(3, 2, 6)
})
</script>

<template>
  <svg class="picture" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
    <rect v-for="(square, i) in squares" :key="i" v-bind="square" />
    <line v-if="skill === 'ratio'" x1="36" x2="36" y1="0" :y2="HEIGHT" class="mark" />
  </svg>
</template>

<style scoped>
.picture {
  display: block;
  width: 96px;
  forced-color-adjust: none;
}
.mark {
  stroke: var(--ink);
  stroke-width: 4;
}
</style>
