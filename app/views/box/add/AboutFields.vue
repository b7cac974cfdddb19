<script setup lang="ts">
import { ElCheckbox, ElCheckboxGroup, ElInput } from 'element-plus'
import { cautions, paintKinds } from '../../../../core'
import type { HazardKey } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import { asOptions } from '../../../parts/field/options'
import PickOne from '../../../parts/field/PickOne.vue'
import type { useNewPaint } from './useNewPaint'

/** What the label says: name, kind, pigments, size and warnings. */
const about = defineModel<ReturnType<typeof useNewPaint>['about']>({ required: true })
const hazards = Object.keys(cautions) as HazardKey[]
</script>

<template>
  <div class="about">
    <label>Name <ElInput v-model="about.name" maxlength="80" required /></label>
    <PickOne v-model="about.kind" label="Kind" :options="asOptions(paintKinds)" />
    <label>
      Pigments
      <ElInput v-model="about.pigments" maxlength="120" placeholder="PY43 PW6" />
    </label>
    <AmountField
      label="Bottle, ml"
      :min="0.1"
      :max="5000"
      :model-value="about.ml"
      @update:model-value="about.ml = $event!"
    />
    <div class="hazards">
      <span aria-hidden="true">The label warns of</span>
      <ElCheckboxGroup v-model="about.hazards" aria-label="The label warns of">
        <ElCheckbox v-for="key in hazards" :key="key" :value="key">{{ key }}</ElCheckbox>
      </ElCheckboxGroup>
    </div>
  </div>
</template>

<style scoped>
.about {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 10px 18px;
}
.hazards {
  grid-column: 1 / -1;
}
</style>
