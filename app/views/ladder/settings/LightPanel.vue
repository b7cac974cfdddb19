<script setup lang="ts">
import { computed } from 'vue'
import {
  distances,
  lightSchoolKeys,
  lightSchools,
  shadowSchoolKeys,
  shadowSchools,
  usual,
  moodLimits,
} from '../../../../core'
import type { FigurePlan, LightSchool, SeenFrom, ShadowSchool } from '../../../../core'
import SliderRow from '../../../parts/SliderRow.vue'
import { useProject } from '../../../stores/project/project'
import SizeSelect from '../../../parts/figure/SizeSelect.vue'
import PaintChoice from './PaintChoice.vue'
import {
  bounceWords,
  contrastWords,
  liftWords,
  sheenWords,
  softnessWords,
  turnWords,
  warmthWords,
} from './words'

/** Light and taste: what shapes the ladder before any paint is mixed. */
const store = useProject()
const plan = computed(() => store.plan)
const shadow = computed<ShadowSchool>(
  () => plan.value.shadow ?? (plan.value.turn < 0 ? 'blue-green' : 'violet'),
)
const light = computed<LightSchool>(() => plan.value.light ?? 'plain')
const set = (made: Partial<FigurePlan>): boolean => store.setPlan(made)
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
/** A paint for a school that follows one, so that the choice does something at once. */
const firstPaint = computed(() => store.paintsIn[0]?.id)
function setShadow(event: Event): void {
  const school = valueOf(event) as ShadowSchool
  set({
    shadow: school,
    turn: Math.abs(plan.value.turn) || 0.3,
    ...(school === 'paint' && !plan.value.shadowPaint ? { shadowPaint: firstPaint.value } : {}),
  })
}
function setLight(event: Event): void {
  const school = valueOf(event) as LightSchool
  set({
    light: school === 'plain' ? undefined : school,
    ...(school === 'paint' && !plan.value.lightPaint ? { lightPaint: firstPaint.value } : {}),
  })
}
</script>

<template>
  <section class="mood" aria-label="Light and taste">
    <label class="choice">
      <span>Shadow</span>
      <select class="text-field" aria-label="School of shadow" :value="shadow" @change="setShadow">
        <option v-for="key in shadowSchoolKeys" :key="key" :value="key">
          {{ shadowSchools[key].name }}
        </option>
      </select>
    </label>
    <p class="soft">{{ shadowSchools[shadow].does }} {{ shadowSchools[shadow].when }}</p>
    <PaintChoice
      v-if="shadow === 'paint'"
      label="Paint of the shadow"
      :model-value="plan.shadowPaint"
      @update:model-value="set({ shadowPaint: $event })"
    />
    <SliderRow
      name="Shadow turn"
      :words="turnWords(Math.abs(plan.turn))"
      :model-value="Math.abs(plan.turn)"
      @update:model-value="set({ turn: $event, shadow })"
    />
    <label class="choice">
      <span>Light</span>
      <select class="text-field" aria-label="School of light" :value="light" @change="setLight">
        <option v-for="key in lightSchoolKeys" :key="key" :value="key">
          {{ lightSchools[key].name }}
        </option>
      </select>
    </label>
    <p class="soft">{{ lightSchools[light].does }} {{ lightSchools[light].when }}</p>
    <PaintChoice
      v-if="light === 'paint'"
      label="Paint of the light"
      :model-value="plan.lightPaint"
      @update:model-value="set({ lightPaint: $event })"
    />
    <SliderRow
      v-if="light !== 'plain'"
      name="Light’s share"
      :words="liftWords(plan.lift ?? usual.lift)"
      :model-value="plan.lift ?? usual.lift"
      @update:model-value="set({ lift: $event })"
    />
    <SliderRow
      name="Light warmth"
      :words="warmthWords(plan.warmth)"
      :min="moodLimits.warmth[0]"
      :max="moodLimits.warmth[1]"
      :model-value="plan.warmth"
      @update:model-value="set({ warmth: $event })"
    />
    <SliderRow
      name="Sheen"
      :words="sheenWords(plan.sheen)"
      :model-value="plan.sheen"
      @update:model-value="set({ sheen: $event })"
    />
    <SliderRow
      name="Contrast"
      :words="contrastWords(plan.contrast)"
      :min="moodLimits.contrast[0]"
      :max="moodLimits.contrast[1]"
      :model-value="plan.contrast"
      @update:model-value="set({ contrast: $event })"
    />
    <label class="choice">
      <span>Size</span>
      <SizeSelect
        :model-value="store.figure.size"
        @update:model-value="store.setFigure(store.figure.id, { size: $event })"
      />
    </label>
    <label class="choice">
      <span>Judged</span>
      <select
        class="text-field wide"
        aria-label="Judged"
        :value="plan.seenFrom ?? usual.seenFrom"
        @change="set({ seenFrom: valueOf($event) as SeenFrom })"
      >
        <option v-for="(place, key) in distances" :key="key" :value="key">
          {{ place.name }}
        </option>
      </select>
    </label>
    <details>
      <summary>Softness, bounced light, second light</summary>
      <SliderRow
        name="Softness"
        :words="softnessWords(plan.softness ?? 0)"
        :model-value="plan.softness ?? 0"
        @update:model-value="set({ softness: $event })"
      />
      <SliderRow
        name="Bounced light"
        :words="bounceWords(plan.bounce ?? usual.bounce)"
        :max="moodLimits.bounce[1]"
        :model-value="plan.bounce ?? usual.bounce"
        @update:model-value="set({ bounce: $event })"
      />
      <label class="check">
        <input
          type="checkbox"
          :checked="plan.otherWarmth !== undefined"
          @change="set({ otherWarmth: plan.otherWarmth === undefined ? -0.6 : undefined })"
        />
        a second light from the other side
      </label>
      <SliderRow
        v-if="plan.otherWarmth !== undefined"
        name="Second light’s warmth"
        :words="warmthWords(plan.otherWarmth)"
        :min="moodLimits.warmth[0]"
        :model-value="plan.otherWarmth"
        @update:model-value="set({ otherWarmth: $event })"
      />
    </details>
  </section>
</template>

<style scoped>
.mood {
  display: grid;
  gap: 4px;
}
.choice {
  display: grid;
  grid-template-columns: 62px minmax(0, 1fr);
  align-items: center;
}
p {
  margin: 0 0 4px;
  font-size: 14px;
  line-height: 1.25;
}
label,
summary {
  font-size: 15px;
}
summary {
  min-height: 28px;
  cursor: pointer;
}
.check input {
  accent-color: var(--ink);
}
</style>
