<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { useBench } from '../../../stores/bench/bench'
import { clockWords } from '../../../words/turns'

/** What dries, and for how much longer. */
const bench = useBench()
/** Notifications are asked for on a word, never by themselves. */
const asks = ref('Notification' in window && Notification.permission === 'default')
async function allow(): Promise<void> {
  await Notification.requestPermission()
  asks.value = false
}
</script>

<template>
  <section aria-label="Drying">
    <h2>Drying</h2>
    <p v-if="!bench.timers.length" class="soft">Nothing dries. D starts a timer.</p>
    <ElButton v-if="asks && bench.timers.length" @click="allow"> Tell me when it is dry </ElButton>
    <div v-for="timer in bench.timers" :key="timer.key" class="timer">
      <b class="numbers" :class="{ dry: timer.leftMs <= 0 }">
        {{ timer.leftMs > 0 ? clockWords(timer.leftMs) : 'dry' }}
      </b>
      <span>{{ timer.words }}</span>
      <ElButton
        :aria-label="`Remove the timer of ${timer.words}`"
        @click="bench.stopTimer(timer.key)"
      >
        Remove
      </ElButton>
    </div>
  </section>
</template>

<style scoped>
.timer {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
  gap: 2px 10px;
  font-size: 0.875rem;
}
.timer b {
  font-size: 1.625rem;
  line-height: 1;
}
.timer button {
  grid-column: 2;
  justify-self: start;
}
.dry {
  text-decoration: underline;
}
p {
  margin: 0;
}
</style>
