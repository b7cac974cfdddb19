<script setup lang="ts">
import { hueFamilies, opacityClasses, paintKinds } from '../../../../core'
import { sorts } from './useBoxList'
import type { useBoxList } from './useBoxList'

/** Finding a bottle among many. */
const filter = defineModel<ReturnType<typeof useBoxList>['filter']>({ required: true })
</script>

<template>
  <form class="filters" role="search" @submit.prevent>
    <input
      v-model="filter.words"
      type="search"
      class="text-field"
      aria-label="Name or pigment"
      placeholder="Name or pigment"
    />
    <select v-model="filter.family" class="text-field" aria-label="Hue">
      <option value="">every hue</option>
      <option v-for="name in hueFamilies" :key="name">{{ name }}</option>
    </select>
    <select v-model="filter.opacity" class="text-field" aria-label="Opacity">
      <option value="">any opacity</option>
      <option v-for="name in opacityClasses" :key="name">{{ name }}</option>
    </select>
    <select v-model="filter.kind" class="text-field" aria-label="Kind">
      <option value="">every kind</option>
      <option v-for="name in paintKinds" :key="name">{{ name }}</option>
    </select>
    <select v-model="filter.sort" class="text-field" aria-label="Order">
      <option v-for="name in sorts" :key="name" :value="name">by {{ name }}</option>
    </select>
    <label><input v-model="filter.inPlan" type="checkbox" /> in the plan</label>
    <label><input v-model="filter.owned" type="checkbox" /> I own</label>
    <label><input v-model="filter.low" type="checkbox" /> nearly empty</label>
  </form>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  font-size: 15px;
}
input[type='search'] {
  flex: 1 1 150px;
  min-width: 0;
}
label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 36px;
}
input[type='checkbox'] {
  width: 18px;
  height: 18px;
  accent-color: var(--ink);
}
</style>
