<script setup lang="ts">
import { ElCheckbox, ElCheckboxGroup } from 'element-plus'
import { computed } from 'vue'
import { distances, stepCounts, usual, usualDrops, USUAL_PUDDLES } from '../../../../core'
import type { FigurePlan, SeenFrom, StepCount, MixingKey } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import LadderChoice from '../../../parts/field/LadderChoice.vue'
import LadderStrip from '../../../parts/field/LadderStrip.vue'
import { asOptions } from '../../../parts/field/options'
import PickOne from '../../../parts/field/PickOne.vue'
import PickPaint from '../../../parts/field/PickPaint.vue'
import SizeFigure from '../../../parts/figure/SizeFigure.vue'
import SizeSelect from '../../../parts/figure/SizeSelect.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { useVariants } from '../../../stores/ladder/variants'
import { useProject } from '../../../stores/project/project'

/** Effort and way of mixing: how many steps, from which bottles, within which limits. */
const store = useProject()
const ladder = useLadder()
const plan = computed(() => store.plan)
const way = computed<MixingKey>(() => plan.value.way ?? 'puddles')
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)

const ways: Record<MixingKey, { name: string; does: string }> = {
  puddles: {
    name: 'three puddles',
    does: 'A dark, a middle and a light; every step between is a plain ratio of two of them.',
  },
  matched: { name: 'each step matched', does: 'Every step has the closest mix there is.' },
  run: {
    name: 'a run of drops',
    does: 'One base; a paint toward light and one toward shade; 3 : 1, 2 : 1 … found for even steps.',
  },
  bought: {
    name: 'bottles as they are',
    does: 'A progression from the shelf, half and half where a gap wants a bridge.',
  },
}
const wayKeys = Object.keys(ways) as MixingKey[]
function setWay(next: MixingKey): void {
  // Some bottles to begin with: those that the plan mixes from now.
  const progression =
    next === 'bought' && !plan.value.progression ? ladder.paintsUsed.map(({ id }) => id) : undefined
  set({ way: next === 'puddles' ? undefined : next, ...(progression ? { progression } : {}) })
}
/** Nothing said, 0: what is usual for its size and number. */
const drops = computed(() => [
  { key: 0, name: `usual, ${usualDrops(store.figure)}` },
  ...asOptions([4, 5, 6, 8, 10, 12, 16, 20, 24]),
])
const bottles = [{ key: 0, name: 'any' }, ...asOptions([2, 3, 4, 5, 6])]
const judged = (Object.keys(distances) as SeenFrom[]).map((key) => ({
  key,
  name: distances[key].name,
}))
const families = [
  { key: 0, name: 'not needed' },
  { key: 0.1, name: 'a tenth' },
  { key: 0.25, name: 'a quarter' },
  { key: 0.5, name: 'half' },
]
const spacings = [
  { key: 'difference', name: 'all of colour (ΔE00)', made: { spacing: 'difference' } },
  { key: 'lightness', name: 'lightness alone (L*)', made: { spacing: 'lightness' } },
] as const
const { variants } = useVariants(() =>
  stepCounts.map((steps) => ({ key: `${steps}`, made: { steps } })),
)
/** A figure in the hand is drawn this tall; farther away it looks smaller. */
const IN_HAND_PX = 30
const seenPx = (from: SeenFrom): number => (IN_HAND_PX * distances.hand.cm) / distances[from].cm
</script>

<template>
  <section class="mixing" aria-label="Steps and mixing">
    <div class="three" data-asks>
      <PickOne
        label="Steps"
        :options="asOptions(stepCounts)"
        :model-value="plan.steps as StepCount"
        @update:model-value="set({ steps: $event })"
      >
        <template #default="{ option }">
          <span class="numbers count">{{ option }}</span>
          <LadderStrip class="strip" :steps="variants.get(`${option}`)?.steps" />
        </template>
      </PickOne>
      <PickOne
        label="Most paints"
        :options="asOptions([1, 2, 3, 4])"
        :model-value="plan.maxPaints"
        @update:model-value="store.setLimit('maxPaints', $event)"
      />
      <PickOne
        label="Most drops"
        :options="drops"
        :model-value="plan.maxDrops ?? 0"
        @update:model-value="set({ maxDrops: $event || undefined })"
      />
    </div>
    <LadderChoice
      label="Steps are even in"
      shown="Steps are even in"
      :choices="spacings"
      :model-value="plan.spacing ?? 'difference'"
      @update:model-value="set({ spacing: $event })"
    />
    <PickOne
      label="Way of mixing"
      shown="Mixed as"
      :options="wayKeys.map((key) => ({ key, name: ways[key].name }))"
      :model-value="way"
      @update:model-value="setWay"
    />
    <p class="soft">{{ ways[way].does }}</p>
    <AmountField
      v-if="way === 'puddles'"
      label="Puddles"
      :min="2"
      :max="5"
      whole
      buttons
      :model-value="plan.puddles ?? USUAL_PUDDLES"
      @update:model-value="set({ puddles: $event === USUAL_PUDDLES ? undefined : $event })"
    />
    <div v-else-if="way === 'matched'" class="two" data-asks>
      <PickOne
        label="Bottles in all"
        :options="bottles"
        :model-value="plan.bottles ?? 0"
        @update:model-value="set({ bottles: $event || undefined })"
      />
      <PickOne
        label="Base in every step"
        :options="families"
        :model-value="plan.family ?? 0"
        @update:model-value="set({ family: $event || undefined })"
      />
    </div>
    <div v-else-if="way === 'run'" class="two" data-asks>
      <PickPaint
        label="Paint toward shade"
        none="the best"
        :paints="store.paintsIn"
        :model-value="plan.runShade"
        @update:model-value="set({ runShade: $event })"
      />
      <PickPaint
        label="Paint toward light"
        none="the best"
        :paints="store.paintsIn"
        :model-value="plan.runLight"
        @update:model-value="set({ runLight: $event })"
      />
    </div>
    <ElCheckboxGroup
      v-else
      class="bottles"
      aria-label="Bottles of the progression"
      :model-value="[...(plan.progression ?? [])]"
      @update:model-value="set({ progression: $event.map(String) })"
    >
      <ElCheckbox v-for="{ id, name } in store.paintsIn" :key="id" :value="id">{{
        name
      }}</ElCheckbox>
    </ElCheckboxGroup>
    <div class="two seen" data-asks>
      <div>
        <span aria-hidden="true">Size</span>
        <SizeSelect
          :model-value="store.figure.size"
          @update:model-value="store.setFigure(store.figure.id, { size: $event })"
        />
      </div>
      <PickOne
        label="Judged"
        :options="judged"
        :model-value="plan.seenFrom ?? usual.seenFrom"
        @update:model-value="set({ seenFrom: $event })"
      >
        <template #default="{ option }">
          <span class="afar"><SizeFigure :tall="seenPx(option)" /></span>
          {{ distances[option].name }}
        </template>
      </PickOne>
    </div>
  </section>
</template>

<style scoped>
.mixing {
  display: grid;
  gap: 6px;
  font-size: 0.875rem;
}
.three {
  display: grid;
  grid-template-columns: 0.7fr 1fr 1fr;
  gap: 8px;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
}
.seen {
  grid-template-columns: 106px minmax(0, 1fr);
}
.seen :deep(.size) {
  min-width: 0;
}
.bottles {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
}
.count {
  display: inline-block;
  width: 20px;
}
.strip {
  display: inline-flex;
  width: 110px;
  vertical-align: middle;
}
.afar {
  display: inline-grid;
  place-items: end center;
  width: 20px;
  height: 32px;
  margin-right: 8px;
  vertical-align: middle;
}
p {
  margin: 0;
  font-size: 0.875rem;
  line-height: 1.25;
}
</style>
