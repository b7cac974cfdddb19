<script setup lang="ts">
import type { ShownStep } from '../../../stores/ladder/shownStep'
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { labOf, mixPaints, opaqueReflectance, clamp } from '../../../../core'
import GapBars from '../../../charts/GapBars.vue'
import HuePath from '../../../charts/HuePath.vue'
import SpectraLines from '../../../charts/SpectraLines.vue'
import ValueStaircase from '../../../charts/ValueStaircase.vue'
import { screenColour } from '../../../parts/screenColour'
import { useLadder } from '../../../stores/ladder/ladder'
import { withPaints } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'

/** The ladder in numbers that can be dragged: lightness, hue and chroma, gaps, spectra on demand. */
const store = useProject()
const ladder = useLadder()
const spectra = ref(false)

const mixOf = ({ parts }: ShownStep) => mixPaints(withPaints(parts))
const steps = computed(() =>
  ladder.steps.map((step, i) => {
    const next = ladder.steps[i + 1]
    const both = step.parts.length > 0 && next && next.parts.length > 0
    return {
      name: step.name,
      aim: step.target,
      painted: step.painted,
      halfAndHalf: both
        ? labOf(
            opaqueReflectance(
              mixPaints([
                { paint: mixOf(step), drops: 1 },
                { paint: mixOf(next), drops: 1 },
              ]),
            ),
          )
        : undefined,
    }
  }),
)
const curves = computed(() =>
  ladder.steps.map((step) => ({
    name: step.name,
    css: screenColour(step.painted ?? step.target).css,
    aim: step.reflectance,
    painted: step.parts.length > 0 ? opaqueReflectance(mixOf(step)) : undefined,
  })),
)
const moved = computed(() => Object.keys(store.plan.moved ?? {}).length)
function move(at: number, by: { L?: number; a?: number; b?: number }): void {
  const { key } = ladder.steps[at]!
  const had = store.plan.moved?.[key] ?? { L: 0, a: 0, b: 0 }
  store.moveStep(key, {
    L: clamp(had.L + (by.L ?? 0), [-60, 60]),
    a: clamp(had.a + (by.a ?? 0), [-60, 60]),
    b: clamp(had.b + (by.b ?? 0), [-60, 60]),
  })
}
</script>

<template>
  <section aria-label="Charts" class="charts">
    <div>
      <h2>Value</h2>
      <ValueStaircase :steps="steps" movable @move="(at, L) => move(at, { L })" />
      <h2>Gaps</h2>
      <GapBars :steps="steps" />
    </div>
    <div>
      <h2>Hue and chroma</h2>
      <HuePath :steps="steps" @move="(at, a, b) => move(at, { a, b })" />
      <ElButton v-if="moved" @click="store.setPlan({ moved: undefined })">
        Put {{ moved === 1 ? 'the moved step' : `${moved} moved steps` }} back
      </ElButton>
    </div>
    <div class="wide">
      <ElButton :aria-expanded="spectra" @click="spectra = !spectra">
        {{ spectra ? 'Hide the spectra' : 'Show the spectra' }}
      </ElButton>
      <SpectraLines v-if="spectra" :curves="curves" />
    </div>
  </section>
</template>

<style scoped>
.charts {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 12px 28px;
}
.wide {
  grid-column: 1 / -1;
  max-width: 620px;
}
@media (max-width: 700px) {
  .charts {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
