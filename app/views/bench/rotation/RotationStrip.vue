<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { useBench } from '../../../stores/bench/bench'
import type { RotationLane } from '../../../stores/bench/rotation'
import { useProject } from '../../../stores/project/project'
import { clockWords, waitWords } from '../../../words/turns'
import RotationHead from './RotationHead.vue'

/** Those that go round, as their heads; one that is pressed says why it waits. */
const bench = useBench()
const store = useProject()
const emit = defineEmits<{ join: [] }>()
const asked = ref('')
const lane = computed(() => bench.rotation.find(({ key }) => key === asked.value))
const isAtHand = ({ figure, copy }: RotationLane): boolean =>
  bench.turn?.move.figure === figure && bench.turn.move.copy === copy
const wait = computed(() => {
  const one = lane.value
  if (!one) return ''
  return waitWords({
    leftMs: one.leftMs,
    ...(one.next ? { next: one.next.words } : {}),
    ...(one.after ? { after: `${bench.figureName(one.after)}: ${one.after.words}` } : {}),
    atHand: isAtHand(one),
  })
})
/** The open figure itself stays; others leave, and of several that are alike the last. */
const leaves = computed(() => {
  const one = lane.value
  if (!one) return undefined
  if (one.figure !== store.figure.id)
    return () =>
      bench.set({ along: bench.along.map(({ id }) => id).filter((id) => id !== one.figure) })
  return bench.atOnce > 1 ? () => bench.set({ atOnce: bench.atOnce - 1 }) : undefined
})
function leave(): void {
  leaves.value?.()
  asked.value = ''
}
</script>

<template>
  <div class="rotation" role="group" aria-label="In rotation">
    <button
      v-for="one in bench.rotation"
      :key="one.key"
      type="button"
      class="one"
      :aria-expanded="asked === one.key"
      @mousedown.prevent
      @click="asked = asked === one.key ? '' : one.key"
    >
      <RotationHead :lane="one" :at-hand="isAtHand(one)" />
      <span class="unseen">{{ bench.figureName(one) }}{{ isAtHand(one) ? ', at hand' : '' }}</span>
      <template v-if="one.leftMs > 0">
        <span class="unseen">, dries </span>
        <span class="numbers left">{{ clockWords(one.leftMs) }}</span>
      </template>
    </button>
    <button
      type="button"
      class="one join"
      aria-label="Paint another alongside"
      @mousedown.prevent
      @click="emit('join')"
    >
      +
    </button>
    <div v-if="lane" class="why" role="status">
      <p>
        <b>{{ bench.figureName(lane) }}.</b> {{ wait }}
      </p>
      <ElButton v-if="leaves" class="wide" @click="leave">Leave it for another evening</ElButton>
      <ElButton class="wide" @click="asked = ''">Close</ElButton>
    </div>
  </div>
</template>

<style scoped>
.rotation {
  display: flex;
  align-items: center;
  gap: 2px;
  min-width: 0;
  overflow-x: auto;
  overflow-y: hidden;
}
.one {
  flex: none;
  display: flex;
  align-items: center;
  gap: 4px;
  min-width: 56px;
  min-height: 56px;
  padding: 2px;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
}
.left {
  font-size: 1.125rem;
  padding-right: 6px;
}
/* Rings say enough where there is little room. */
@media (max-width: 640px) {
  .left {
    position: absolute;
    clip-path: inset(50%);
  }
}
.join {
  justify-content: center;
  font-size: 1.75rem;
}
.why {
  position: absolute;
  z-index: 4;
  top: 64px;
  left: 0;
  right: 0;
  padding: 14px 24px;
  background: var(--field-high);
  border-bottom: 1px solid var(--line);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  font-size: 1.25rem;
}
.why p {
  margin: 0;
  flex: 1 1 300px;
}
.wide {
  min-height: 56px;
  font-size: 1.125rem;
}
</style>
