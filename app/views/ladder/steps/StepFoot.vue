<script setup lang="ts">
import { computed } from 'vue'
import type { ShownStep } from '../../../stores/ladder/shownStep'
import { Lock, Unlock } from '@element-plus/icons-vue'
import { vTip } from '../../../parts/tip/tip'
import { useLadder } from '../../../stores/ladder/ladder'
import { offWords } from '../settings/words'

/** How far a step's mix is from its aim, and whether it is kept. */
const props = defineProps<{ step: ShownStep }>()
const ladder = useLadder()
const tips = {
  keep: 'Keep this mix',
  kept: 'Kept; click to have it found again',
  poured: 'As it was poured when painting began; click to have it found again',
}
const state = computed(() => (props.step.held ? 'poured' : props.step.kept ? 'kept' : 'keep'))
</script>

<template>
  <div class="foot">
    <span
      v-if="step.off !== undefined"
      v-tip="
        `ΔE00 ${step.off.toFixed(2)}: ${offWords(step.off)}. Two in three real mixes land within ${step.within?.toFixed(1)} of the painted colour.`
      "
    >
      {{ step.off.toFixed(1) }} <span class="soft">±{{ step.within?.toFixed(1) }}</span>
    </span>
    <span v-else>…</span>
    <button
      v-tip="tips[state]"
      type="button"
      class="lock"
      :aria-pressed="step.kept"
      :aria-label="`Keep ${step.name} as it is`"
      :disabled="step.parts.length === 0"
      @click="ladder.keep(step.key, step.kept ? undefined : step.made)"
    >
      <component :is="step.kept ? Lock : Unlock" />
      <span class="word">{{ state }}</span>
    </button>
  </div>
</template>

<style scoped>
.foot {
  padding: 2px 4px;
  display: flex;
  flex-wrap: wrap;
  column-gap: 8px;
}
.lock {
  display: inline-flex;
  align-items: center;
  gap: 3px;
  min-height: 28px;
  padding: 2px 6px;
  border: 1px solid transparent;
  border-radius: 3px;
  background: transparent;
  font-size: 0.875rem;
}
.lock svg {
  width: 14px;
}
.lock:hover {
  border-color: var(--line);
}
.lock[aria-pressed='true'] {
  font-weight: 700;
  border-color: var(--ink);
}
@media (max-width: 1000px) {
  .word {
    display: none;
  }
}
@media (max-width: 640px) {
  .foot {
    padding: 2px 1px;
    flex-direction: column;
    align-items: flex-start;
  }
}
</style>
