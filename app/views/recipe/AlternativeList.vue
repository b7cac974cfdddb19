<script setup lang="ts">
import { ElButton } from 'element-plus'
import {
  ingredientKey,
  labOf,
  mixPaints,
  opaqueReflectance,
  partsById,
  partsFound,
} from '../../../core'
import type { Alternative, Lab, PuddlePart } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import DropBeads from '../../parts/DropBeads.vue'
import { colourOf } from '../../parts/palette/colourOf'
import { usePalette } from '../../stores/palette/palette'
import { partWords } from '../../words/amounts'
import { alternativeWords } from '../../words/alternatives'
import { vTip } from '../../parts/tip/tip'

/** Recipes that really differ, each on the aim, with what speaks for it. */
defineProps<{ list: readonly Alternative[]; aim: Lab }>()
defineEmits<{ take: [one: Alternative] }>()
const lampLab = ({ recipe }: Alternative): Lab =>
  labOf(opaqueReflectance(mixPaints(recipe.parts)), { illuminant: 'A' })
const palette = usePalette()
/** Touches as what they are of a drop, let-downs as the puddles they are. */
const given = ({ recipe }: Alternative): PuddlePart[] => partsFound(partsById(recipe.parts))
</script>

<template>
  <ol class="list">
    <li v-for="one in list" :key="one.kind">
      <span class="swatches">
        <ColourPatch :lab="one.recipe.lab" class="mix" />
        <ColourPatch :lab="aim" class="aim" />
      </span>
      <div>
        <b>{{ alternativeWords(one, list.find(({ kind }) => kind === 'closest') ?? one) }}</b>
        <span v-tip="`ΔE00 ${one.recipe.deltaE00.toFixed(2)}`" class="soft numbers">
          off {{ one.recipe.deltaE00.toFixed(1) }} · uneven drops ±{{ one.uneven.toFixed(1) }}
          <template v-if="one.underLamp !== undefined"
            >· under the lamp {{ one.underLamp.toFixed(1) }}</template
          >
        </span>
        <span class="parts">
          <span v-for="part in given(one)" :key="ingredientKey(part.of)" class="part">
            {{ partWords(part.drops, palette.palette.nameOf(part.of)) }}
            <DropBeads :lab="colourOf(part.of, palette.palette)" :drops="part.drops" />
          </span>
        </span>
      </div>
      <ColourPatch :lab="lampLab(one)" class="lamp" label="Under a warm lamp" />
      <ElButton @click="$emit('take', one)">Take it</ElButton>
    </li>
  </ol>
</template>

<style scoped>
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr) 28px auto;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-top: 1px solid var(--line);
}
.swatches {
  display: flex;
  align-self: stretch;
  min-height: 48px;
}
.mix,
.aim {
  flex: 1;
}
.lamp {
  align-self: stretch;
}
.numbers {
  font-size: 0.875rem;
  margin-left: 10px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: 0.9375rem;
}
.part {
  display: flex;
  gap: 6px;
  align-items: center;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 60px minmax(0, 1fr) auto;
  }
  .lamp {
    display: none;
  }
}
</style>
