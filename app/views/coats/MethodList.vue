<script setup lang="ts">
import { ElButton, ElCollapse, ElCollapseItem } from 'element-plus'
import { ref } from 'vue'
import { methods } from '../../../core'
import { useCoats } from '../../stores/coats/coats'
import { useMethodLooks } from '../../stores/coats/methodLooks'
import { useLadder } from '../../stores/ladder/ladder'
import SmallStrata from './SmallStrata.vue'

/**
 * Ready stacks to start from, each cut through as it would lie on this figure of bottles that are in; undo brings the old
 * one back.
 */
const coats = useCoats()
const ladder = useLadder()
const { looks, trouble } = useMethodLooks()
const effort = { quick: 'an hour or so', usual: 'an evening', long: 'several evenings' } as const
const open = ref('')
</script>

<template>
  <section aria-labelledby="methods" class="methods">
    <h2 id="methods">Methods</h2>
    <p v-if="coats.beginTrouble || trouble" role="alert">{{ coats.beginTrouble || trouble }}</p>
    <ElCollapse v-model="open" accordion>
      <ElCollapseItem v-for="method in methods" :key="method.key" :name="method.key">
        <template #title>
          <span class="line" :class="{ here: coats.plan.method === method.key }">
            <SmallStrata :cut="looks.get(method.key)" />
            {{ method.name }}
          </span>
        </template>
        <template v-if="open === method.key">
          <p>{{ method.suits }}</p>
          <p class="soft">Takes {{ effort[method.effort] }}. Mind: {{ method.risk }}</p>
          <ElButton
            :loading="coats.beginning"
            :disabled="ladder.steps.some(({ parts }) => parts.length === 0)"
            @click="coats.start(method)"
          >
            Start from it
          </ElButton>
        </template>
      </ElCollapseItem>
    </ElCollapse>
  </section>
</template>

<style scoped>
.methods {
  display: grid;
  gap: 2px;
}
.methods :deep(.el-collapse) {
  --el-collapse-header-height: 44px;
}
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  line-height: 1.15;
}
.here {
  font-weight: 700;
}
p {
  margin: 0 0 6px;
  font-size: 14px;
}
</style>
