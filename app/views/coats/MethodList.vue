<script setup lang="ts">
import { methods } from '../../../core'
import type { FigureStack, Method } from '../../../core'
import { useCoats } from '../../stores/coats'

/** Ready stacks to start from; undo brings the old one back. */
const coats = useCoats()
const effort = { quick: 'quick', usual: 'an evening', long: 'several evenings' } as const
function start({ key, under, coats: list }: Method): void {
  coats.set(JSON.parse(JSON.stringify({ method: key, under, coats: list })) as FigureStack)
}
</script>

<template>
  <section aria-labelledby="methods" class="methods">
    <h2 id="methods">Methods</h2>
    <details v-for="method in methods" :key="method.key" name="method">
      <summary :class="{ here: coats.plan.method === method.key }">{{ method.name }}</summary>
      <p>{{ method.suits }}</p>
      <p class="soft">Takes {{ effort[method.effort] }}. Mind: {{ method.risk }}</p>
      <button type="button" class="plain" @click="start(method)">Start from it</button>
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
details button {
  margin-bottom: 8px;
}
</style>
