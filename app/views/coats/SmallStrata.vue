<script setup lang="ts">
import { computed } from 'vue'
import { endPlaces } from '../../../core'
import type { EndPlace, Stratum } from '../../../core'
import { screenColour } from '../../parts/screenColour'

/** A stack cut through in shadow, in the middle and lit, small beside its name; an empty place until it is known. */
const props = defineProps<{ cut?: Readonly<Record<EndPlace, readonly Stratum[]>> }>()
const WIDTH = 26
const HEIGHT = 36
const GROUND = 7
const columns = computed(() => {
  const { cut } = props
  if (!cut) return []
  const heights = endPlaces.map((place) => cut[place].map(({ um }) => Math.sqrt(um)))
  const tallest = Math.max(1, ...heights.map((of) => of.reduce((a, b) => a + b, 0)))
  return endPlaces.map((place, k) => {
    let top = HEIGHT - GROUND
    return cut[place].map(({ lab }, i) => {
      const height = i === 0 ? GROUND : (heights[k]![i]! * (HEIGHT - GROUND)) / tallest
      if (i > 0) top -= height
      return { x: k * (WIDTH + 2), y: top, height, css: screenColour(lab).css }
    })
  })
})
</script>

<template>
  <svg :viewBox="`0 0 ${3 * WIDTH + 4} ${HEIGHT}`" aria-hidden="true">
    <template v-for="(column, k) in columns" :key="k">
      <rect
        v-for="(layer, i) in column"
        :key="i"
        :x="layer.x"
        :y="layer.y"
        :width="WIDTH"
        :height="layer.height"
        :fill="layer.css"
      />
    </template>
  </svg>
</template>

<style scoped>
svg {
  flex: 0 0 82px;
  height: 36px;
  background: var(--field-low);
  forced-color-adjust: none;
}
</style>
