<script setup lang="ts">
import { computed } from 'vue'
import { labOf, mixPaints, opaqueReflectance } from '../../../core'
import ValueStaircase from '../../charts/ValueStaircase.vue'
import type { StairStep } from '../../charts/ValueStaircase.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useLadder } from '../../stores/ladder'
import type { ShownStep } from '../../stores/ladder'
import { paintOf } from '../../stores/paints'
import { useProject } from '../../stores/project'
import BringPaint from './BringPaint.vue'
import MoodPanel from './MoodPanel.vue'
import PlanPaints from './PlanPaints.vue'
import StepGrid from './StepGrid.vue'

const store = useProject()
const ladder = useLadder()

const mixOf = ({ parts }: ShownStep) =>
  mixPaints(parts.map(({ paint, drops }) => ({ paint: paintOf(paint), drops })))

const stairs = computed<StairStep[]>(() =>
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
</script>

<template>
  <main class="view">
    <ViewHead :title="store.figure.name" :note="`${store.figure.note} · ${store.figure.scale}`" />
    <SideLayout :side="272">
      <FigureRail />
      <StepGrid />
      <div class="low">
        <ValueStaircase :steps="stairs" />
        <BringPaint />
      </div>
      <template #side>
        <MoodPanel />
        <PlanPaints />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.low {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 24px;
}
@media (max-width: 640px) {
  .low {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
