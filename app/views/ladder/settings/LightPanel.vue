<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { lightSchoolKeys, lightSchools, lightingLimits, usual } from '../../../../core'
import type { FigurePlan, LightSchool } from '../../../../core'
import LadderSlider from '../../../parts/field/LadderSlider.vue'
import SliderRow from '../../../parts/field/SliderRow.vue'
import { useProject } from '../../../stores/project/project'
import SchoolChoice from './SchoolChoice.vue'
import { contrastWords, liftWords, sheenWords, warmthWords } from './words'

/** What light brings in colour: every school as the ladder it would give this figure; how warm, how strong. */
const store = useProject()
const plan = computed(() => store.plan)
const school = computed<LightSchool>(() => plan.value.light ?? 'plain')
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const made = (key: LightSchool): Partial<FigurePlan> => ({
  light: key === 'plain' ? undefined : key,
})
</script>

<template>
  <section class="leaf" aria-label="Light">
    <SchoolChoice
      of="light"
      shown="Light brings"
      :keys="lightSchoolKeys"
      :schools="lightSchools"
      :school="school"
      :made="made"
    />
    <LadderSlider
      v-if="school !== 'plain'"
      name="Light’s share"
      :words="liftWords(plan.lift ?? usual.lift)"
      :model-value="plan.lift ?? usual.lift"
      :made="(x) => ({ lift: x })"
      @update:model-value="set({ lift: $event })"
    />
    <LadderSlider
      name="Light warmth"
      :words="warmthWords(plan.warmth)"
      :min="lightingLimits.warmth[0]"
      :max="lightingLimits.warmth[1]"
      :model-value="plan.warmth"
      :made="(x) => ({ warmth: x })"
      @update:model-value="set({ warmth: $event })"
    />
    <LadderSlider
      name="Sheen"
      :words="sheenWords(plan.sheen)"
      :model-value="plan.sheen"
      :made="(x) => ({ sheen: x })"
      @update:model-value="set({ sheen: $event })"
    />
    <LadderSlider
      name="Contrast"
      :words="contrastWords(plan.contrast)"
      :min="lightingLimits.contrast[0]"
      :max="lightingLimits.contrast[1]"
      :model-value="plan.contrast"
      :made="(x) => ({ contrast: x })"
      @update:model-value="set({ contrast: $event })"
    />
    <ElCheckbox
      :model-value="plan.otherWarmth !== undefined"
      @change="set({ otherWarmth: $event ? -0.6 : undefined })"
    >
      a second light from the other side
    </ElCheckbox>
    <SliderRow
      v-if="plan.otherWarmth !== undefined"
      name="Second light’s warmth"
      :words="warmthWords(plan.otherWarmth)"
      :min="lightingLimits.warmth[0]"
      :model-value="plan.otherWarmth"
      @update:model-value="set({ otherWarmth: $event })"
    />
  </section>
</template>
