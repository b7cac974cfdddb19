<script setup lang="ts">
import type { ShownStep } from '../../../stores/ladder/shownStep'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { ingredientKey, sameIngredient } from '../../../../core'
import type { Ingredient, StepKey } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { colourOf } from '../../../parts/palette/colourOf'
import { useLadder } from '../../../stores/ladder/ladder'
import { usePalette } from '../../../stores/palette/palette'
import InTurn from '../../../parts/inTurn'
import ColourStrip from './ColourStrip.vue'
import DropCell from './DropCell.vue'
import StepFoot from './StepFoot.vue'
import { vTip } from '../../../parts/tip/tip'

/** A row a paint, a column a step: how the ratio travels from dark to light. */
const ladder = useLadder()
const palette = usePalette()
const grid = ref<HTMLElement>()
/** All rows stand; those of another figure come in turn again. */
const whole = ref(false)
const phone = useMediaQuery('(max-width: 640px)')
/** The one cell that Tab stops at: the one worked last, else the first that has drops. */
const stop = ref<{ of: string; step: StepKey }>()
function isStop(of: Ingredient, step: StepKey): boolean {
  const at = stop.value
  const rowStands = at && rows.value.some((one) => ingredientKey(one.of) === at.of)
  const stepStands = at && ladder.steps.some(({ key }) => key === at.step)
  if (at && rowStands && stepStands) return at.of === ingredientKey(of) && at.step === step
  return of === rows.value[0]?.of && step === ladder.steps[0]?.key
}

const dropsOf = (step: ShownStep, of: Ingredient): number =>
  step.made.find((part) => sameIngredient(part.of, of))?.drops ?? 0
const rows = computed(() =>
  ladder.ingredientsUsed.map((of) => ({
    of,
    name: palette.palette.nameOf(of),
    lab: colourOf(of, palette.palette),
  })),
)
watch(
  () => rows.value.length,
  (many) => (whole.value &&= many > 0),
)

function move(row: number, column: number, [columns, rows]: [number, number]): void {
  const cells = [...grid.value!.querySelectorAll<HTMLElement>('[role=spinbutton]')]
  const width = ladder.steps.length
  const next = Math.max(0, Math.min(width - 1, column + columns))
  cells[Math.max(0, Math.min(cells.length / width - 1, row + rows)) * width + next]?.focus()
}
</script>

<template>
  <!-- On a phone a paint's name stands above its drops, so that every step is in sight. -->
  <ColourStrip v-if="phone" :steps="ladder.steps" bare />
  <div ref="grid" class="scroll">
    <div
      class="ladder"
      :aria-busy="rows.length > 0 && !whole"
      :style="{ '--steps': ladder.steps.length }"
    >
      <template v-if="!phone">
        <div class="head soft">
          <span class="painted">painted</span>
          <span class="aim">aimed at</span>
        </div>
        <ColourStrip class="strip" :steps="ladder.steps" />
      </template>

      <span class="corner soft">share of skin</span>
      <div v-for="step in ladder.steps" :key="step.key" class="name">
        <h2>
          <RouterLink
            v-tip="`The recipe of ${step.name}: alternatives, why, put right`"
            :to="{ name: 'Recipe', params: { step: step.key } }"
            >{{ step.name }}</RouterLink
          >
        </h2>
        <span class="soft">{{ Math.round(step.share * 100) }}%</span>
      </div>

      <InTurn @whole="whole = true">
        <template v-for="(one, row) in rows" :key="ingredientKey(one.of)">
          <div class="paint">
            <ColourPatch
              v-if="one.lab"
              :lab="one.lab"
              class="well"
              :class="{ mix: 'puddle' in one.of }"
            />
            <span>{{ one.name }}</span>
          </div>
          <DropCell
            v-for="(step, column) in ladder.steps"
            :key="step.key"
            :class="{ first: column === 0, last: column === ladder.steps.length - 1 }"
            :name="one.name"
            :lab="one.lab"
            :step-name="step.name"
            :drops="dropsOf(step, one.of)"
            :stop="isStop(one.of, step.key)"
            @focus="stop = { of: ingredientKey(one.of), step: step.key }"
            @change="ladder.addDrops(step.key, one.of, $event)"
            @move="(columns, rows) => move(row, column, [columns, rows])"
          />
        </template>
      </InTurn>

      <span class="corner soft">off the aim</span>
      <StepFoot v-for="step in ladder.steps" :key="step.key" :step="step" />
    </div>
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  padding: 3px;
  margin: -3px;
}
.ladder {
  display: grid;
  grid-template-columns: 132px repeat(var(--steps), minmax(88px, 1fr));
  min-width: 0;
}
.head {
  position: relative;
  font-size: 0.875rem;
}
.painted {
  position: absolute;
  top: 74px;
}
.aim {
  position: absolute;
  top: 100px;
}
.strip {
  grid-column: 2 / -1;
}
h2 a {
  color: inherit;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
.name {
  padding: 2px 4px 6px;
}
.corner {
  font-size: 0.875rem;
  align-self: center;
}
.paint {
  display: flex;
  align-items: center;
  gap: 6px;
  font-size: 0.875rem;
  line-height: 1.1;
  padding-right: 6px;
  hyphens: auto;
  overflow-wrap: anywhere;
}
.paint,
.paint ~ :deep(.cell) {
  border-top: 1px solid var(--field-low);
}
.well {
  flex: 0 0 20px;
  height: 20px;
}
.mix {
  border-radius: 50%;
}
.foot {
  border-top: 1px solid var(--line);
  align-items: center;
  padding-top: 4px;
  font-size: 0.9375rem;
}
@media (max-width: 1000px) {
  .ladder {
    grid-template-columns: 108px repeat(var(--steps), minmax(72px, 1fr));
  }
  .name h2 {
    font-size: 0.9375rem;
  }
}
@media (max-width: 640px) {
  .ladder {
    grid-template-columns: repeat(var(--steps), minmax(46px, 1fr));
  }
  .paint,
  .corner {
    grid-column: 1 / -1;
    position: sticky;
    left: 0;
    padding-top: 6px;
  }
  .paint ~ :deep(.cell) {
    border-top: 0;
  }
  .name {
    padding: 2px 1px 4px;
    hyphens: none;
    overflow-wrap: normal;
  }
  .name h2 {
    font-size: 0.75rem;
  }
}
</style>
