<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { skinAt } from '../../../core'
import type { FieldExercise } from '../../../core'
import SliderRow from '../../parts/field/SliderRow.vue'
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
/** What is pointed at. */
const yours = computed(() => skinAt(across.value, up.value))
const share = (n: number): string => `${(100 * n).toFixed(1)} %`
const at = (x: number, y: number) => ({ left: `${100 * x}%`, bottom: `${100 * y}%` })
</script>

<template>
  <div class="stage">
    <span class="shown" :style="{ background: screenColour(exercise.shown[0]!).css }">
      <span v-if="done" class="yours" :style="{ background: screenColour(yours.lab).css }" />
    </span>
    <div class="field" @click="press">
      <span v-for="(cell, i) in cells" :key="i" class="cell" :style="{ background: cell }" />
      <i class="pin" :style="at(across, up)" />
      <i v-if="done" class="pin truth-pin" :style="at(exercise.truth.across, exercise.truth.up)" />
    </div>
  </div>
  <div class="sliders">
    <SliderRow
      v-model="across"
      name="Fair to deep: melanin"
      :words="share(yours.melanin)"
      :step="0.01"
      :disabled="done"
    />
    <SliderRow
      v-model="up"
      name="Pale to flushed: blood"
      :words="share(yours.blood)"
      :step="0.01"
      :disabled="done"
    />
  </div>
  <ElButton v-if="!done" type="primary" @click="session.answer({ across, up })">
    It is here
  </ElButton>
  <p v-else class="truth">
    It has {{ share(exercise.truth.melanin) }} melanin and {{ share(exercise.truth.blood) }} blood;
    yours is {{ session.given!.off!.toFixed(1) }} ΔE00 off. The square pin is where it lies.
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
