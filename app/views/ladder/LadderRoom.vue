<script setup lang="ts">
import { computed } from 'vue'
import type { Component } from 'vue'
import { useRoute } from 'vue-router'
import { later } from '../../parts/later'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import PartsNav from '../../parts/PartsNav.vue'
import { afterMixes } from '../../stores/ladder/afterMixes'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import ColourStrip from './steps/ColourStrip.vue'
import LadderDoubt from './steps/LadderDoubt.vue'
import MixingStatus from './steps/MixingStatus.vue'
import StepGrid from './steps/StepGrid.vue'
import InTurn from '../../parts/inTurn'

const ladder = useLadder()
const store = useProject()
const route = useRoute()

/** The drops come first; what stands beside and below them follows. */
const following = (load: () => Promise<Component>): Component =>
  later(() => afterMixes().then(load))
const MissingBottles = following(() => import('../../parts/MissingBottles.vue'))
const LadderSettings = following(() => import('./settings/LadderSettings.vue'))
const PaletteWells = following(() => import('../../parts/palette/PaletteWells.vue'))
const JudgementNote = following(() => import('../../parts/JudgementNote.vue'))
const OtherLight = following(() => import('./steps/OtherLight.vue'))
const BringPaint = following(() => import('./steps/BringPaint.vue'))
const FormCanvas = following(() => import('../../parts/form/FormCanvas.vue'))
/** What is shown of the ladder below its strip; each is loaded when it is first wanted. */
const panels = {
  path: {
    name: 'Puddle path',
    panel: later(() => import('./path/PathPanel.vue')),
  },
  form: { name: 'Form', panel: later(() => import('./form/FormPanel.vue')) },
  charts: { name: 'Charts', panel: later(() => import('./charts/ChartsPanel.vue')) },
  compare: {
    name: 'Compare',
    panel: later(() => import('./compare/ComparePanel.vue')),
  },
  card: { name: 'Card', panel: later(() => import('./card/CardPanel.vue')) },
} as const
type Shown = keyof typeof panels
const names = Object.fromEntries(Object.entries(panels).map(([key, { name }]) => [key, name]))
const shown = computed<Shown | undefined>(() => {
  const asked = String(route.query.show ?? '')
  return asked in panels ? (asked as Shown) : undefined
})
</script>

<template>
  <main class="view">
    <FigureHead />
    <SideLayout :side="272">
      <FigureRail />
      <PartsNav label="Of this ladder" first="Steps" :parts="names" :shown="shown" />
      <p v-if="store.paintsIn.length === 0" class="none">
        No bottle is in, so there is nothing to mix from.
        <RouterLink :to="{ name: 'Box' }">Choose bottles in the box</RouterLink>
      </p>
      <MissingBottles />
      <template v-if="!shown">
        <StepGrid />
        <MixingStatus />
        <InTurn>
          <LadderDoubt />
          <PaletteWells />
          <JudgementNote />
          <OtherLight />
          <BringPaint />
        </InTurn>
      </template>
      <template v-else>
        <!-- The form shows the ladder itself, and wants the height. -->
        <ColourStrip v-if="shown !== 'form'" :steps="ladder.steps" bare />
        <MixingStatus v-if="shown !== 'form'" />
        <component :is="panels[shown].panel" />
        <MixingStatus v-if="shown === 'form'" />
        <JudgementNote v-if="shown === 'charts' || shown === 'form'" />
      </template>
      <template #side>
        <div v-if="shown !== 'form'" class="form"><FormCanvas /></div>
        <LadderSettings />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.form {
  height: 220px;
}
.none {
  margin: 0;
  font-size: 1.125rem;
}
.none a {
  color: var(--accent-text);
}
</style>
