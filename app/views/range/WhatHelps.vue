<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import DrawdownCard from '../../parts/drawdown/DrawdownCard.vue'
import type { useHelps } from '../../stores/range/helps'
import type { RangeRow } from '../../stores/range/rowOf'
import { useProject } from '../../stores/project/project'

/** The bottles that would bring a ladder nearest, owned or to buy; asked for one ladder at a time. */
const props = defineProps<{ row: RangeRow; helps: ReturnType<typeof useHelps> }>()
const store = useProject()
const mine = computed(() => props.helps.of.value === props.row.figure.id)
/** Less is nothing to buy a bottle for, ΔE00. */
const LEAST = 0.1
const known = computed(() => (mine.value ? (props.helps.answer.value ?? []) : []))
const best = computed(() =>
  known.value
    .filter(({ brings }) => brings >= LEAST)
    .slice(0, 3)
    .flatMap(({ id, brings }) => {
      const paint = store.paints.find((one) => one.id === id)
      const owned = store.inCommission.some((one) => one.id === id)
      return paint ? [{ paint, brings, owned }] : []
    }),
)
</script>

<template>
  <div class="helps">
    <p v-if="known.length && !best.length && !helps.busy.value">No bottle would bring it nearer.</p>
    <ElButton v-else-if="!best.length" size="small" @click="helps.ask(row)">
      {{ mine && helps.busy.value ? 'Weighing…' : 'What would help?' }}
    </ElButton>
    <ol v-else aria-label="Bottles that would help most">
      <li v-for="{ paint, brings, owned } in best" :key="paint.id">
        <DrawdownCard :paint="paint" class="card" />
        <span>{{ paint.name }}{{ owned ? '' : ', to buy' }}: {{ brings.toFixed(1) }} nearer</span>
      </li>
    </ol>
    <p v-if="mine && helps.trouble.value" role="alert">{{ helps.trouble.value }}</p>
  </div>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: 0.875rem;
  line-height: 1.2;
}
li {
  display: flex;
  gap: 6px;
  align-items: center;
  padding: 2px 0;
}
.card {
  flex: none;
  width: 30px;
  height: 20px;
}
p {
  margin: 0;
}
</style>
