<script setup lang="ts">
import { ElButton, ElSlider } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { skinAt } from '../../../core'
import type { FieldExercise } from '../../../core'
import { screenColour } from '../../parts/screenColour'
import { useEyeSession } from '../../stores/eye/session'

/** A skin is shown, and its place on the field of melanin and blood is pressed. */
const props = defineProps<{ exercise: FieldExercise }>()
const session = useEyeSession()
const across = ref(0.5)
const up = ref(0.5)
watch(
  () => props.exercise,
  () => {
    across.value = 0.5
    up.value = 0.5
  },
)
const done = computed(() => session.given !== undefined)
const COLUMNS = 24
const ROWS = 12
const cells = Array.from({ length: ROWS * COLUMNS }, (_, i) => {
  const [x, y] = [((i % COLUMNS) + 0.5) / COLUMNS, 1 - (Math.floor(i / COLUMNS) + 0.5) / ROWS]
  return screenColour(skinAt(x, y).lab).css
})
function press({ offsetX, offsetY, currentTarget }: MouseEvent): void {
  if (done.value) return
  const { clientWidth, clientHeight } = currentTarget as HTMLElement
  across.value = Math.min(1, Math.max(0, offsetX / clientWidth))
  up.value = Math.min(1, Math.max(0, 1 - offsetY / clientHeight))
}
/** Where the skin that is shown lies. */
const truth = computed(() => {
  const { melanin, blood } = props.exercise.truth
  const [fair, pale, deep, flushed] = [skinAt(0, 0), skinAt(0, 0), skinAt(1, 1), skinAt(1, 1)]
  const on = (low: number, high: number, n: number): number =>
    Math.log(n / low) / Math.log(high / low)
  return {
    across: on(fair.melanin, deep.melanin, melanin),
    up: on(pale.blood, flushed.blood, blood),
  }
})
const at = (x: number, y: number) => ({ left: `${100 * x}%`, bottom: `${100 * y}%` })
const css = (x: number, y: number): string => screenColour(skinAt(x, y).lab).css
</script>

<template>
  <div class="stage">
    <span class="shown" :style="{ background: screenColour(exercise.shown[0]!).css }">
      <span v-if="done" class="yours" :style="{ background: css(across, up) }" />
    </span>
    <div class="field" @click="press">
      <span v-for="(cell, i) in cells" :key="i" class="cell" :style="{ background: cell }" />
      <i class="pin" :style="at(across, up)" />
      <i v-if="done" class="pin truth-pin" :style="at(truth.across, truth.up)" />
    </div>
  </div>
  <div class="sliders">
    <label>
      Fair to deep
      <ElSlider
        v-model="across"
        :min="0"
        :max="1"
        :step="0.01"
        :disabled="done"
        :show-tooltip="false"
        aria-label="Fair to deep: melanin"
      />
    </label>
    <label>
      Pale to flushed
      <ElSlider
        v-model="up"
        :min="0"
        :max="1"
        :step="0.01"
        :disabled="done"
        :show-tooltip="false"
        aria-label="Pale to flushed: blood"
      />
    </label>
  </div>
  <ElButton v-if="!done" type="primary" @click="session.answer({ across, up })">
    It is here
  </ElButton>
  <p v-else class="truth">
    It has {{ (100 * exercise.truth.melanin).toFixed(1) }} % melanin and
    {{ (100 * exercise.truth.blood).toFixed(1) }} % blood; yours is
    {{ session.given!.off!.toFixed(1) }} ΔE00 off. The square pin is where it lies.
  </p>
</template>

<style scoped>
.stage {
  display: grid;
  grid-template-columns: minmax(0, 180px) minmax(0, 1fr);
  gap: 28px;
}
.shown {
  position: relative;
  min-height: 200px;
}
.yours {
  position: absolute;
  inset: 60% 0 0;
}
.field {
  position: relative;
  display: grid;
  grid-template-columns: repeat(24, 1fr);
  grid-auto-rows: 1fr;
  min-height: 260px;
  cursor: crosshair;
}
.cell {
  pointer-events: none;
}
.pin {
  position: absolute;
  width: 20px;
  height: 20px;
  margin: 0 0 -10px -10px;
  border: 3px solid #161616;
  outline: 2px solid #ffffff;
  border-radius: 50%;
  pointer-events: none;
}
.truth-pin {
  border-radius: 0;
}
.sliders {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(220px, 1fr));
  gap: 8px 28px;
}
@media (max-width: 640px) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
  }
  .shown {
    min-height: 110px;
  }
}
</style>
