<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { methods } from '../../../core'
import { useCoats } from '../../stores/coats/coats'
import { useLadder } from '../../stores/ladder/ladder'

/** Ready stacks to start from, each made for this figure of bottles that are in; undo brings the old one back. */
const coats = useCoats()
const ladder = useLadder()
const effort = { quick: 'an hour or so', usual: 'an evening', long: 'several evenings' } as const
const open = ref('')
function toggled(event: Event, key: string): void {
  if ((event.target as HTMLDetailsElement).open) open.value = key
  else if (open.value === key) open.value = ''
}
</script>

<template>
  <section aria-labelledby="methods" class="methods">
    <h2 id="methods">Methods</h2>
    <p v-if="coats.beginTrouble" role="alert">{{ coats.beginTrouble }}</p>
    <details
      v-for="method in methods"
      :key="method.key"
      name="method"
      @toggle="toggled($event, method.key)"
    >
      <summary :class="{ here: coats.plan.method === method.key }">{{ method.name }}</summary>
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
    </details>
  </section>
</template>

<style scoped>
.methods {
  display: grid;
  gap: 2px;
}
summary {
  min-height: 32px;
  padding: 4px 0;
  cursor: pointer;
  font-size: 15px;
}
.here {
  font-weight: 700;
}
p {
  margin: 0 0 6px;
  font-size: 14px;
}
details .el-button {
  margin-bottom: 8px;
}
</style>
