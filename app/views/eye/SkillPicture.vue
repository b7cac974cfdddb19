<script setup lang="ts">
import { computed } from 'vue'
import { labOfLch, lchOf } from '../../../core'
import type { Lab, Skill } from '../../../core'
import { screenColour } from '../../parts/screenColour'

/** What is asked in a skill, drawn small from the painter's own tones, the answer plain to see. */
const props = defineProps<{ skill: Skill; tones: readonly Lab[] }>()
const WIDTH = 96
const HEIGHT = 36
/** The one that is right, of six. */
const RIGHT = 4
const sorted = computed(() => [...props.tones].sort((one, other) => one.L - other.L))
/** A tone so far along from dark to light. */
const tone = (share: number): Lab => sorted.value[Math.round(share * (sorted.value.length - 1))]!
const turned = (by: number, chroma = 1): Lab => {
  const { L, C, h } = lchOf(tone(0.6))
  return labOfLch({ L, C: C * chroma, h: h + by })
}
const differing: Partial<Record<Skill, (right: boolean, i: number) => Lab>> = {
  lighter: (right, i) => ({ ...turned(60 * i), L: right ? 66 : 42 }),
  warmer: (right, i) => (right ? turned(0, 1.4) : turned(90 + 12 * i)),
  redder: (right) => ({ ...tone(0.6), a: right ? 42 : 6 }),
  greyer: (right, i) => turned(0, right ? 0.1 : 1 + 0.1 * i),
  order: (_, i) => tone([0.5, 0.1, 0.8, 0.3, 1, 0.65][i]!),
}

interface Patch {
  x: number
  width: number
  y?: number
  height?: number
  round?: boolean
  lab: Lab
}
const drawn = computed((): Patch[] => {
  const of = differing[props.skill]
  if (of)
    return Array.from({ length: 6 }, (_, i) => ({
      x: 16.4 * i,
      width: 14,
      lab: of(i === RIGHT, i),
    }))
  const wide = (many: number, lab: (i: number) => Lab, height = HEIGHT, y = 0): Patch[] =>
    Array.from({ length: many }, (_, i) => ({
      x: (WIDTH / many) * i,
      width: WIDTH / many + 0.3,
      y,
      height,
      lab: lab(i),
    }))
  const well = (x: number, lab: Lab): Patch => ({ x, width: HEIGHT, round: true, lab })
  switch (props.skill) {
    case 'breaks':
      return wide(7, (i) => (i === RIGHT ? turned(80) : tone(i / 6)))
    case 'ratio':
      return wide(8, (i) => tone(i / 7))
    case 'skin':
      return [0, 1, 2].flatMap((row) =>
        wide(
          9,
          (i) => ({ ...tone(1 - i / 8), a: 6 + 8 * (2 - row) }),
          HEIGHT / 3,
          (HEIGHT / 3) * row,
        ),
      )
    case 'same':
      return [0, 1, 2].flatMap((k) =>
        [0, 1].map((half) => ({
          x: 34 * k + 14 * half,
          width: 14,
          lab: k === 1 && half === 1 ? turned(70) : tone(0.3 + 0.3 * k),
        })),
      )
    case 'more':
      return [
        well(0, tone(0.4)),
        { ...well(44, turned(0, 2)), width: 12, y: 12 },
        well(60, tone(0.75)),
      ]
    case 'dried':
      return [
        { x: 0, width: 44, lab: tone(0.35) },
        { x: 52, width: 44, lab: tone(0.6) },
      ]
    default:
      return [
        well(0, tone(0.55)),
        ...[0, 1, 2].map((i) => ({ ...well(46 + 17 * i, turned(120 * i, 1.6)), width: 12, y: 12 })),
      ]
  }
})
</script>

<template>
  <svg class="picture" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" aria-hidden="true">
    <rect
      v-for="(one, i) in drawn"
      :key="i"
      :x="one.x"
      :y="one.y ?? 0"
      :width="one.width"
      :height="one.round ? one.width : (one.height ?? HEIGHT)"
      :rx="one.round ? one.width / 2 : 0"
      :fill="screenColour(one.lab).css"
    />
    <line v-if="skill === 'ratio'" x1="34" x2="34" y1="0" :y2="HEIGHT" class="mark" />
  </svg>
</template>

<style scoped>
.picture {
  display: block;
  width: 96px;
  forced-color-adjust: none;
}
.mark {
  stroke: var(--field-high);
  stroke-width: 4;
}
</style>
