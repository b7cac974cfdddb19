<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useBench } from '../../stores/bench/bench'
import { useHandsFree } from '../../stores/bench/handsFree'

/** What is done with the turn at hand; it never moves. A press leaves the focus where it was, for the keys. */
defineProps<{
  /** A panel that is open. */
  open: 'right' | 'more' | undefined
  /** A well is at hand that could be off. */
  mendable: boolean
  /** What the next press brings, where a turn has several pages. */
  pages: boolean
}>()
const emit = defineEmits<{ done: []; back: []; toggle: [panel: 'right' | 'more'] }>()
const bench = useBench()
const free = useHandsFree()
</script>

<template>
  <div class="bar" :class="free.hand" role="toolbar" aria-label="This move">
    <ElButton
      class="done"
      type="primary"
      :disabled="!bench.turn"
      @mousedown.prevent
      @click="emit('done')"
    >
      {{ pages ? 'Go on' : 'Done' }} <kbd>Space</kbd>
    </ElButton>
    <ElButton :disabled="!bench.canGoBack" @mousedown.prevent @click="emit('back')">
      Back <kbd>⌫</kbd>
    </ElButton>
    <ElButton
      :disabled="!mendable"
      :aria-expanded="open === 'right'"
      @mousedown.prevent
      @click="emit('toggle', 'right')"
    >
      Put right <kbd>R</kbd>
    </ElButton>
    <ElButton @mousedown.prevent @click="bench.dry">Dries <kbd>D</kbd></ElButton>
    <ElButton :aria-expanded="open === 'more'" @mousedown.prevent @click="emit('toggle', 'more')">
      More
    </ElButton>
  </div>
</template>

<style scoped>
.bar {
  display: grid;
  grid-template-columns: 2.2fr 1fr 1fr 1fr 1fr;
  gap: 10px;
  padding: 12px 16px;
  background: var(--field-low);
}
.bar > * {
  margin: 0;
  width: 100%;
  height: 76px;
  padding: 0 6px;
  font-size: 1.375rem;
}
.bar > .done {
  font-size: 1.875rem;
  font-weight: 700;
}
/* For the right hand, the other way round. */
@media (min-width: 641px) {
  .bar.right {
    grid-template-columns: 1fr 1fr 1fr 1fr 2.2fr;
  }
  .bar.right > .done {
    order: 5;
  }
}
kbd {
  font: inherit;
  font-size: 0.875rem;
  font-weight: 400;
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 0 5px;
  margin-left: 8px;
}
@media (pointer: coarse), (max-width: 900px) {
  kbd {
    display: none;
  }
}
@media (max-width: 640px) {
  .bar {
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 6px;
    padding: 8px;
  }
  .bar > .done {
    grid-column: 1 / -1;
    height: 72px;
  }
  .bar > * {
    height: 56px;
    font-size: 1.125rem;
    padding: 0 2px;
  }
}
</style>
