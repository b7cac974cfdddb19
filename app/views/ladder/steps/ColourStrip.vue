<script setup lang="ts">
import type { ShownStep } from '../../../stores/ladder/shownStep'
import { computed } from 'vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { screenColour } from '../../../parts/screenColour'

/**
 * The ladder as paint, dark to light; width is the share of the skin. The painted colour stands on
 * the colour aimed at, edge to edge, and threads lead each to its column.
 */
const props = defineProps<{ steps: ShownStep[]; bare?: boolean }>()

const bands = computed(() => {
  let from = 0
  return props.steps.map((step, i) => {
    const shown = step.painted ?? step.target
    const band = {
      step,
      shown,
      from,
      to: from + step.share,
      column: i,
      css: screenColour(shown).css,
    }
    from = band.to
    return band
  })
})
const columns = computed(() => props.steps.length)
</script>

<template>
  <div>
    <div class="bands">
      <div
        v-for="{ step, shown } in bands"
        :key="step.key"
        class="band"
        :style="{ width: `${step.share * 100}%` }"
      >
        <ColourPatch :lab="shown" class="painted" :label="`${step.name}, painted`">
          <span v-if="step.share > (bare ? 0.08 : 0.035)" class="value" aria-hidden="true">{{
            Math.round(shown.L)
          }}</span>
        </ColourPatch>
        <ColourPatch :lab="step.target" class="aim" :label="`${step.name}, aimed at`" />
      </div>
    </div>
    <svg
      v-if="!bare"
      class="threads"
      viewBox="0 0 100 20"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <path
        v-for="{ step, from, to, column, css } in bands"
        :key="step.key"
        :fill="css"
        :d="`M${from * 100} 0 C${from * 100} 12 ${(column * 100) / columns} 8 ${(column * 100) / columns} 20
             H${((column + 1) * 100) / columns} C${((column + 1) * 100) / columns} 8 ${to * 100} 12 ${to * 100} 0 Z`"
      />
    </svg>
  </div>
</template>

<style scoped>
.bands {
  display: flex;
}
.band {
  display: flex;
  flex-direction: column;
}
.painted {
  height: 96px;
  display: flex;
  align-items: flex-end;
}
.aim {
  height: 28px;
}
.value {
  padding: 2px 6px;
  font-size: 0.875rem;
}
.threads {
  display: block;
  width: 100%;
  height: 30px;
}
</style>
