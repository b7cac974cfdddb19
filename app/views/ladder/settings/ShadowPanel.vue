<script setup lang="ts">
import { computed } from 'vue'
import { lightingLimits, shadowSchoolKeys, shadowSchools, usual } from '../../../../core'
import type { FigurePlan, ShadowSchool } from '../../../../core'
import LadderSlider from '../../../parts/field/LadderSlider.vue'
import InTurn from '../../../parts/inTurn'
import { useProject } from '../../../stores/project/project'
import SchoolChoice from './SchoolChoice.vue'
import { bounceWords, softnessWords, turnWords } from './words'

/** Where shadow goes in colour: every school as the ladder it would give this figure; how far, and how soft. */
const store = useProject()
const plan = computed(() => store.plan)
const school = computed<ShadowSchool>(
  () => plan.value.shadow ?? (plan.value.turn < 0 ? 'blue-green' : 'violet'),
)
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const made = (key: ShadowSchool): Partial<FigurePlan> => ({
  shadow: key,
  turn: Math.abs(plan.value.turn) || 0.3,
})
</script>

<template>
  <section class="leaf" aria-label="Shadow">
    <InTurn>
      <SchoolChoice
        of="shadow"
        shown="Shadow falls toward"
        :keys="shadowSchoolKeys"
        :schools="shadowSchools"
        :school="school"
        :made="made"
      />
      <LadderSlider
        name="How far it turns"
        :words="turnWords(Math.abs(plan.turn))"
        :model-value="Math.abs(plan.turn)"
        :made="(x) => ({ turn: x, shadow: school })"
        @update:model-value="set({ turn: $event, shadow: school })"
      />
      <LadderSlider
        name="Softness"
        :words="softnessWords(plan.softness ?? 0)"
        :model-value="plan.softness ?? 0"
        :made="(x) => ({ softness: x })"
        @update:model-value="set({ softness: $event })"
      />
      <LadderSlider
        name="Bounced light"
        :words="bounceWords(plan.bounce ?? usual.bounce)"
        :max="lightingLimits.bounce[1]"
        :model-value="plan.bounce ?? usual.bounce"
        :made="(x) => ({ bounce: x })"
        @update:model-value="set({ bounce: $event })"
      />
    </InTurn>
  </section>
</template>
