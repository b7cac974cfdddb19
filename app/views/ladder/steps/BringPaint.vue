<script setup lang="ts">
import { computed, ref } from 'vue'
import type { StepKey } from '../../../../core'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'

/** Brings a paint that the search did not choose into a step by hand. */
const ladder = useLadder()
const store = useProject()
const paint = ref('')
const step = ref<StepKey>('base')
const others = computed(() => store.paintsIn.filter((one) => !ladder.paintsUsed.includes(one)))

function bringIn(): void {
  ladder.addDrops(step.value, { bottle: paint.value }, 1)
  paint.value = ''
}
</script>

<template>
  <form v-if="others.length" class="bring" @submit.prevent="bringIn">
    <h2>By hand</h2>
    <label>
      Bring
      <select v-model="paint" class="text-field" aria-label="Paint to bring in">
        <option value="">another paint</option>
        <option v-for="{ id, name } in others" :key="id" :value="id">{{ name }}</option>
      </select>
    </label>
    <label>
      into
      <select v-model="step" class="text-field" aria-label="Step it goes into">
        <option v-for="{ key, name } in ladder.steps" :key="key" :value="key">{{ name }}</option>
      </select>
    </label>
    <button type="submit" class="plain" :disabled="!paint">Add a drop</button>
    <p class="soft">
      In the rows above, + and − or the up and down arrows add and take a drop. A mix changed by
      hand is kept until you let it go.
    </p>
  </form>
</template>

<style scoped>
.bring {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-content: start;
  align-items: center;
  font-size: 15px;
}
h2 {
  flex: 1 0 100%;
}
p {
  margin: 0;
  font-size: 14px;
  max-width: 52ch;
}
</style>
