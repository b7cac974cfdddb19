<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import SaveState from '../../parts/SaveState.vue'
import { useBench } from '../../stores/bench/bench'
import RotationStrip from './rotation/RotationStrip.vue'

/** The way out, who goes round, and how much is left. */
const emit = defineEmits<{ join: [] }>()
const bench = useBench()
const router = useRouter()
/** Where one came from, within this commission; the coats where that is not known. */
const before = (): string | undefined => {
  const { back } = router.options.history.state
  const here = router.resolve({ name: 'Bench' }).path.replace(/bench$/, '')
  return typeof back === 'string' && back.startsWith(here) && !back.endsWith('/bench')
    ? back
    : undefined
}
const out = ref(before() ?? { name: 'Coats' })
const left = computed(() => {
  if (!bench.now) return ''
  return bench.left === 1 ? 'the last move' : `${bench.left} moves left`
})
</script>

<template>
  <header class="top">
    <RouterLink class="out" :to="out">‹ Leave</RouterLink>
    <RotationStrip @join="emit('join')" />
    <div class="state">
      <p class="count">{{ left }}</p>
      <SaveState class="soft" />
    </div>
  </header>
</template>

<style scoped>
.top {
  position: relative;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 0 16px 0 8px;
  background: var(--field-low);
}
.out {
  display: inline-flex;
  align-items: center;
  min-width: 56px;
  min-height: 56px;
  padding: 0 12px;
  color: inherit;
  text-decoration: none;
  font-size: 1.125rem;
}
.state {
  text-align: right;
  font-size: 1rem;
  line-height: 1.2;
}
.count {
  font-size: 1.125rem;
  white-space: nowrap;
}
p {
  margin: 0;
}
@media (max-width: 640px) {
  .top {
    gap: 2px;
    padding-right: 8px;
  }
  .out {
    padding: 0 6px;
  }
  .count {
    font-size: 1rem;
  }
}
</style>
