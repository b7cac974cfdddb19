<script setup lang="ts">
import { ElTabPane, ElTabs } from 'element-plus'
import { useSessionStorage } from '@vueuse/core'
import { later } from '../../../parts/later'
import ShadowPanel from './ShadowPanel.vue'

const LightPanel = later(() => import('./LightPanel.vue'))
const MixingPanel = later(() => import('./MixingPanel.vue'))
const PlanPaints = later(() => import('./PlanPaints.vue'))

/** Everything a ladder is set by, a leaf at a time; the leaf that was open stays open. */
const leaf = useSessionStorage('ladder settings', 'shadow')
</script>

<template>
  <ElTabs v-model="leaf" aria-label="Settings of the ladder">
    <ElTabPane name="shadow" label="Shadow" lazy><ShadowPanel /></ElTabPane>
    <ElTabPane name="light" label="Light" lazy><LightPanel /></ElTabPane>
    <ElTabPane name="mixing" label="Mixing" lazy><MixingPanel /></ElTabPane>
    <ElTabPane name="bottles" label="Bottles" lazy><PlanPaints /></ElTabPane>
  </ElTabs>
</template>

<style scoped>
/* Room for the frame of what is chosen and for the focus. */
.el-tabs :deep(.el-tabs__content) {
  margin: 0 -6px;
  padding: 0 6px 4px;
}
/* All four stand side by side in any face, also before ours has come. */
.el-tabs :deep(.el-tabs__item) {
  padding: 0 6px;
}
.el-tabs :deep(.leaf) {
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}
.el-tabs :deep(.leaf > p) {
  margin: 0;
  font-size: 0.875rem;
  line-height: 1.25;
}
</style>
