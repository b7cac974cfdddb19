<script setup lang="ts">
import { cautions, paintKinds } from '../../../../core'
import type { HazardKey } from '../../../../core'
import type { useNewPaint } from './useNewPaint'

/** What the label says: name, kind, pigments, size and warnings. */
const about = defineModel<ReturnType<typeof useNewPaint>['about']>({ required: true })
const hazards = Object.keys(cautions) as HazardKey[]
</script>

<template>
  <div class="about">
    <label>Name <input v-model="about.name" class="text-field" maxlength="80" required /></label>
    <label>
      Kind
      <select v-model="about.kind" class="text-field">
        <option v-for="kind in paintKinds" :key="kind">{{ kind }}</option>
      </select>
    </label>
    <label>
      Pigments
      <input v-model="about.pigments" class="text-field" maxlength="120" placeholder="PY43 PW6" />
    </label>
    <label>
      Bottle, ml
      <input
        v-model.number="about.ml"
        class="text-field"
        type="number"
        min="0.1"
        max="5000"
        step="any"
      />
    </label>
    <fieldset>
      <legend>The label warns of</legend>
      <label v-for="key in hazards" :key="key">
        <input v-model="about.hazards" type="checkbox" :value="key" /> {{ key }}
      </label>
    </fieldset>
  </div>
</template>

<style scoped>
.about {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 10px 18px;
}
.text-field {
  display: block;
  width: 100%;
}
fieldset {
  grid-column: 1 / -1;
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
}
legend {
  float: left;
  padding: 0;
}
input[type='checkbox'] {
  accent-color: var(--ink);
}
</style>
