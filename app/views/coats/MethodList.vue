<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { methods } from '../../../core'
import type { Method } from '../../../core'
import { useCoats } from '../../stores/coats/coats'
import MissingBottles from './MissingBottles.vue'

/** Ready stacks to start from, with bottles that are in; undo brings the old one back. */
const coats = useCoats()
const effort = { quick: 'an hour or so', usual: 'an evening', long: 'several evenings' } as const
const open = ref('')
/** Only of the one that is open: it takes a moment for each. */
const missing = computed(() => {
  const method = methods.find(({ key }) => key === open.value)
  return method ? coats.missingIn(method) : []
})
function toggled(event: Event, key: string): void {
  if ((event.target as HTMLDetailsElement).open) open.value = key
  else if (open.value === key) open.value = ''
}
const start = (method: Method, standIns: ReadonlyMap<string, string> = new Map()): boolean =>
  coats.start(method, standIns)
</script>

<template>
  <section aria-labelledby="methods" class="methods">
    <h2 id="methods">Methods</h2>
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
        <MissingBottles
          v-if="missing.length"
          :missing="missing"
          what="It"
          @stand-in="start(method, $event)"
          @put-in="start(method)"
        />
        <ElButton v-else @click="start(method)">Start from it</ElButton>
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
