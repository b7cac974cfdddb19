<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { asOptions } from '../../parts/field/options'
import PickOne from '../../parts/field/PickOne.vue'
import PickPaint from '../../parts/field/PickPaint.vue'
import { useProject } from '../../stores/project/project'
import type { useRecipe } from './useRecipe'

/** Limits and wishes of the search. */
const wishes = defineModel<ReturnType<typeof useRecipe>['wishes']>({ required: true })
const store = useProject()
const prefers = [
  { key: '', name: 'the closest' },
  { key: 'opaque', name: 'what covers' },
  { key: 'nearly empty', name: 'bottles nearly empty' },
  { key: 'cheapest', name: 'the cheapest' },
] as const
</script>

<template>
  <section aria-labelledby="wishes" class="wishes">
    <h2 id="wishes">Wishes</h2>
    <div class="row">
      <PickOne
        v-model="wishes.maxPaints"
        label="Most paints"
        :options="asOptions([1, 2, 3, 4, 5])"
      />
      <PickOne
        v-model="wishes.maxDrops"
        label="Most drops"
        :options="asOptions([4, 6, 8, 10, 12, 16, 20, 24, 30])"
      />
      <PickPaint
        label="With"
        none="any paint"
        :paints="store.paintsIn"
        :model-value="wishes.required || undefined"
        @update:model-value="wishes.required = $event ?? ''"
      />
      <PickOne v-model="wishes.prefer" label="Prefer" :options="prefers" />
    </div>
    <ElCheckbox v-model="wishes.underLamps">holds under warm lamp and cabinet tube</ElCheckbox>
    <ElCheckbox v-model="wishes.wholeCurve">matches the whole spectrum</ElCheckbox>
    <ElCheckbox v-model="wishes.noHazards">no paint with a hazard word</ElCheckbox>
    <ElCheckbox v-model="wishes.touches">strong paints in halves and touches, too</ElCheckbox>
  </section>
</template>

<style scoped>
.wishes {
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}
.row {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
  font-size: 0.875rem;
}
</style>
