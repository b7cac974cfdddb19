<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { judgeLadder } from '../../core'
import type { Mend } from '../../core'
import { useLadder } from '../stores/ladder/ladder'
import { useProject } from '../stores/project/project'
import { faultWords, mendWords } from '../words/judgement'

/** What a practised eye would say, each with the change that mends it. */
const store = useProject()
const ladder = useLadder()
const found = computed(() => {
  if (ladder.steps.some(({ painted }) => !painted)) return []
  return judgeLadder(
    ladder.steps.map(({ key, painted, share }) => ({ key, painted: painted!, share })),
    ladder.lighting,
  )
})
function mend({ moved, ...change }: Mend): void {
  if (Object.keys(change).length > 0) store.setPlan(change)
  if (!moved) return
  const had = store.plan.moved?.[moved.key] ?? { L: 0, a: 0, b: 0 }
  const { L, a, b } = moved.by
  store.moveStep(moved.key, { L: had.L + L, a: had.a + a, b: had.b + b })
}
</script>

<template>
  <section v-if="found.length" aria-label="Judgement" class="judged">
    <p v-for="{ fault, change } in found" :key="fault.key">
      {{ faultWords(fault) }}
      <ElButton @click="mend(change)">
        {{ mendWords[fault.key] }}
      </ElButton>
    </p>
  </section>
</template>

<style scoped>
.judged {
  display: grid;
  gap: 4px;
  background: var(--field-high);
  border-left: 4px solid var(--ink-soft);
  padding: 4px 12px;
}
p {
  margin: 0;
  font-size: 0.9375rem;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  justify-content: space-between;
}
</style>
