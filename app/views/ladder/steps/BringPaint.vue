<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { StepKey } from '../../../../core'
import PickOne from '../../../parts/field/PickOne.vue'
import PickPaint from '../../../parts/field/PickPaint.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'

/** Brings a paint that the search did not choose into a step by hand. */
const ladder = useLadder()
const store = useProject()
const paint = ref<string>()
const step = ref<StepKey>('base')
const others = computed(() => store.paintsIn.filter((one) => !ladder.paintsUsed.includes(one)))

function bringIn(): void {
  if (paint.value) ladder.addDrops(step.value, { bottle: paint.value }, 1)
  paint.value = undefined
}
</script>

<template>
  <form v-if="others.length" class="bring" @submit.prevent="bringIn">
    <h2>By hand</h2>
    <span>Bring</span>
    <PickPaint
      v-model="paint"
      class="of"
      label="Paint to bring in"
      bare
      none="another paint"
      :paints="others"
    />
    <span>into</span>
    <PickOne
      v-model="step"
      class="of"
      label="Step it goes into"
      bare
      :options="ladder.steps.map(({ key, name }) => ({ key, name }))"
    />
    <ElButton native-type="submit" :disabled="!paint">Add a drop</ElButton>
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
  font-size: 0.9375rem;
}
h2 {
  flex: 1 0 100%;
}
.of {
  width: 190px;
}
p {
  margin: 0;
  font-size: 0.875rem;
  max-width: 52ch;
}
</style>
