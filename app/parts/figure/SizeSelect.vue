<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'
import { figureSizes, sameSize } from '../../../core'
import type { FigureSize } from '../../../core'
import SizeFigure from './SizeFigure.vue'
import { sizeMeaning, sizeWords } from '../../words/sizes'

/** The tallest figure fills a line. */
const PX_PER_MM = 0.34
/** How large a figure is: the usual sizes, and its own where that is none of them. */
const size = defineModel<FigureSize>({ required: true })
const offered = computed(() =>
  figureSizes.some((one) => sameSize(one, size.value)) ? figureSizes : [size.value, ...figureSizes],
)
const at = computed({
  get: () => offered.value.findIndex((one) => sameSize(one, size.value)),
  set: (i: number) => (size.value = { ...offered.value[i]! }),
})
</script>

<template>
  <ElSelect v-model="at" :persistent="false" aria-label="Size" class="size">
    <ElOption v-for="(one, i) in offered" :key="i" :value="i" :label="sizeWords(one)">
      <span class="picture"><SizeFigure :tall="PX_PER_MM * one.heightMm" :bust="one.bust" /></span>
      {{ sizeWords(one) }} <span class="soft meaning">{{ sizeMeaning(one) }}</span>
    </ElOption>
  </ElSelect>
</template>

<style scoped>
.size {
  min-width: 118px;
}
.picture {
  display: inline-grid;
  place-items: end center;
  width: 44px;
  height: 32px;
  margin-right: 8px;
  vertical-align: middle;
}
.meaning {
  margin-left: 10px;
  font-size: 0.875rem;
}
</style>
