<script setup lang="ts">
import { ElCheckbox, ElInput } from 'element-plus'
import { hueFamilies, opacityClasses, paintKinds } from '../../../../core'
import { asOptions } from '../../../parts/field/options'
import PickOne from '../../../parts/field/PickOne.vue'
import { sorts } from './useBoxList'
import type { useBoxList } from './useBoxList'

/** Finding a bottle among many. */
const filter = defineModel<ReturnType<typeof useBoxList>['filter']>({ required: true })
const orAny = <Key extends string>(any: string, keys: readonly Key[]) => [
  { key: '' as const, name: any },
  ...asOptions(keys),
]
</script>

<template>
  <form class="filters" role="search" @submit.prevent>
    <ElInput
      v-model="filter.words"
      type="search"
      aria-label="Name or pigment"
      placeholder="Name or pigment"
    />
    <PickOne v-model="filter.family" bare label="Hue" :options="orAny('every hue', hueFamilies)" />
    <PickOne
      v-model="filter.opacity"
      bare
      label="Opacity"
      :options="orAny('any opacity', opacityClasses)"
    />
    <PickOne v-model="filter.kind" bare label="Kind" :options="orAny('every kind', paintKinds)" />
    <PickOne
      v-model="filter.sort"
      bare
      label="Order"
      :options="sorts.map((key) => ({ key, name: `by ${key}` }))"
    />
    <ElCheckbox v-model="filter.inPlan">in use</ElCheckbox>
    <ElCheckbox v-model="filter.owned">I own</ElCheckbox>
    <ElCheckbox v-model="filter.low">nearly empty</ElCheckbox>
  </form>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  font-size: 0.9375rem;
}
.filters > :deep(.el-input) {
  flex: 1 1 150px;
  min-width: 0;
}
.pick {
  width: 136px;
}
</style>
