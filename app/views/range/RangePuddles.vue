<script setup lang="ts">
import type { Lab } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import DropBeads from '../../parts/DropBeads.vue'
import { colourOf } from '../../parts/palette/colourOf'
import { vTip } from '../../parts/tip/tip'
import { usePalette } from '../../stores/palette/palette'
import type { RangeStep } from '../../stores/range/rowOf'
import { partWords } from '../../words/amounts'

/** The puddles of one figure as wells, each with its drops. */
defineProps<{ steps: readonly RangeStep[]; seen: (lab: Lab) => Lab }>()
const wells = usePalette()
/** A puddle in words: beads tell bottles by their colour alone. */
const inWords = ({ name, made }: RangeStep): string =>
  `${name}: ${made.map(({ of, drops }) => partWords(drops, wells.palette.nameOf(of))).join(', ')}`
</script>

<template>
  <ol class="wells" aria-label="Puddles">
    <li v-for="step in steps" :key="step.key" v-tip="inWords(step)">
      <ColourPatch :lab="seen(step.painted)" class="well" />
      <span class="beads">
        <DropBeads
          v-for="(part, i) in step.made"
          :key="i"
          :lab="colourOf(part.of, wells.palette)"
          :drops="part.drops"
        />
      </span>
    </li>
  </ol>
</template>

<style scoped>
.wells {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  align-items: center;
  gap: 8px;
}
.wells li {
  display: flex;
  align-items: center;
  gap: 4px;
  min-width: 0;
  flex: 1 1 0;
}
.well {
  flex: none;
  width: 26px;
  min-height: 26px;
  border-radius: 50%;
}
.beads {
  display: flex;
  flex-wrap: wrap;
  gap: 1px;
  max-width: 50px;
}
@media (max-width: 1000px) {
  .wells {
    order: 2;
    grid-column: 1 / -1;
    padding: 4px 0;
  }
  .beads {
    max-width: 82px;
  }
}
</style>
