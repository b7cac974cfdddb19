<script setup lang="ts">
import { computed } from 'vue'
import { useLadderDoubt } from '../../../stores/ladder/doubt'

/** Two kinds of doubt on one scale: where the ladder lies as a whole, and how well its gaps hold. */
const { answer, trouble } = useLadderDoubt()
const rows = computed(() => {
  if (!answer.value) return []
  const { whole, gaps } = answer.value
  const holds = gaps.reduce((sum, { within }) => sum + within, 0) / Math.max(1, gaps.length)
  return [
    { name: 'Where it lies', within: whole, words: 'lighter, darker or warmer as a whole' },
    { name: 'Its gaps', within: holds, words: 'between neighbours; shared bottles hold them' },
  ]
})
const most = computed(() => Math.max(4, ...rows.value.map(({ within }) => within)))
</script>

<template>
  <section aria-label="How sure the ladder is" class="doubt">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <dl v-else>
      <div v-for="{ name, within, words } in rows" :key="name" class="row">
        <dt>{{ name }}</dt>
        <dd>
          <span class="numbers">±{{ within.toFixed(1) }}</span>
          <span class="track" aria-hidden="true"
            ><span class="bar" :style="{ width: `${(100 * within) / most}%` }"
          /></span>
          <span class="soft">{{ words }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.doubt {
  min-height: 52px;
}
dl {
  margin: 0;
  display: grid;
  gap: 4px;
  font-size: 0.9375rem;
}
.row {
  display: grid;
  grid-template-columns: 110px 1fr;
  align-items: center;
}
dd {
  margin: 0;
  display: grid;
  grid-template-columns: 48px minmax(60px, 180px) 1fr;
  gap: 10px;
  align-items: center;
}
.track {
  position: relative;
  height: 8px;
  background: var(--field-high);
}
/* The doubt goes both ways from where it was meant to be. */
.bar {
  position: absolute;
  inset: 0 auto 0 50%;
  height: 100%;
  transform: translateX(-50%);
  background: var(--ink-soft);
}
@media (max-width: 600px) {
  dd {
    grid-template-columns: 48px 1fr;
  }
  dd .soft {
    grid-column: 1 / -1;
  }
}
</style>
