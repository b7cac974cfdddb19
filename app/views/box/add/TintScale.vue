<script setup lang="ts">
import { ElButton, ElRadio, ElRadioGroup } from 'element-plus'
import type { Lab, TintStep } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'

/** How strong a paint is, told by eye: one part in nine of white, on five steps from weak to strong. */
defineProps<{ tints: readonly Lab[] }>()
const step = defineModel<TintStep | undefined>()
const names = ['much weaker', 'weaker', 'as believed', 'stronger', 'much stronger']
</script>

<template>
  <fieldset class="scale">
    <legend>One part in nine of titanium white looks most like</legend>
    <ElRadioGroup v-model="step" aria-label="One part in nine of titanium white" class="steps">
      <ElRadio v-for="(lab, i) in tints" :key="i" :value="i" class="step">
        <ColourPatch :lab="lab" class="tint" />
        {{ names[i] }}
      </ElRadio>
    </ElRadioGroup>
    <p class="soft">
      Not mixed yet? Leave it; it makes the paint about twice as sure.
      <ElButton v-if="step !== undefined" @click="step = undefined"> Not told </ElButton>
    </p>
  </fieldset>
</template>

<style scoped>
.scale {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  padding: 0 0 4px;
  font-weight: 700;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(104px, 1fr));
  gap: 0;
}
.step {
  margin: 0;
  height: auto;
  align-items: end;
  white-space: normal;
}
.tint {
  height: 56px;
  width: 100%;
  min-width: 84px;
}
p {
  margin: 4px 0 0;
  font-size: 0.9375rem;
}
</style>
