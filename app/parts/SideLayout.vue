<script setup lang="ts">
import InTurn from './inTurn'

/** The body of most views: the work, and beside it a darker column of settings; below it on a tablet. */
withDefaults(defineProps<{ side?: number }>(), { side: 300 })
</script>

<template>
  <div class="body" :style="{ '--side': `${side}px` }">
    <div class="main">
      <InTurn><slot /></InTurn>
    </div>
    <aside class="side">
      <InTurn><slot name="side" /></InTurn>
    </aside>
  </div>
</template>

<style scoped>
.body {
  min-height: calc(100vh - 53px);
  display: grid;
  grid-template-columns: minmax(0, 1fr) var(--side);
}
.main,
.side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
}
.main {
  gap: 10px;
  padding: 10px 24px 24px;
}
.side {
  gap: 16px;
  padding: 14px 16px;
  background: var(--field-low);
}
@media (max-width: 1000px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 640px) {
  .main {
    padding: 8px 12px 16px;
  }
}
</style>
