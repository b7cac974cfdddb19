<script setup lang="ts">
import { ref } from 'vue'
import { MOST_OF_ONE } from '../../../../core'
import type { Lab } from '../../../../core'
import { amountWords, countWords } from '../../../words/amounts'
import DropBeads from '../../../parts/DropBeads.vue'
import { vTip } from '../../../parts/tip/tip'

/** Drops of one bottle or puddle in one step; arrow keys or the buttons add and take a drop. */
const props = defineProps<{
  name: string
  lab: Lab | undefined
  stepName: string
  drops: number
  /** The grid is one stop for Tab: the cell that was worked last. */
  stop: boolean
}>()
const emit = defineEmits<{ change: [by: number]; move: [columns: number, rows: number] }>()

/** The buttons come when the cell is worked: a ladder has many cells. */
const near = ref(false)

const moves: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  PageUp: [0, -1],
  PageDown: [0, 1],
}
const changes: Record<string, number> = { ArrowUp: 1, '+': 1, ArrowDown: -1, '-': -1 }

function alter(by: number): void {
  if (by > 0 ? props.drops + by <= MOST_OF_ONE : props.drops > 0) emit('change', by)
}
function key(event: KeyboardEvent): void {
  const by = changes[event.key]
  const move = moves[event.key]
  if (by === undefined && move === undefined) return
  event.preventDefault()
  if (by !== undefined) alter(by)
  if (move !== undefined) emit('move', ...move)
}
</script>

<template>
  <div
    class="cell"
    role="spinbutton"
    :tabindex="stop ? 0 : -1"
    :aria-label="`${name} in ${stepName}, drops`"
    :aria-valuenow="drops"
    aria-valuemin="0"
    :aria-valuemax="MOST_OF_ONE"
    :aria-valuetext="drops === 0 ? 'no drop' : amountWords(drops)"
    @keydown="key"
    @pointerenter="near = true"
    @focusin="near = true"
  >
    <b :class="{ none: drops === 0 }">{{ drops ? countWords(drops) : '·' }}</b>
    <DropBeads v-if="drops" :lab="lab" :drops="drops" />
    <span v-if="near" class="hands">
      <button
        v-tip="'Take a drop'"
        type="button"
        tabindex="-1"
        aria-hidden="true"
        @click="alter(-1)"
      >
        −
      </button>
      <button v-tip="'Add a drop'" type="button" tabindex="-1" aria-hidden="true" @click="alter(1)">
        +
      </button>
    </span>
  </div>
</template>

<style scoped>
.cell {
  position: relative;
  display: grid;
  grid-template-columns: minmax(27px, max-content) minmax(0, 1fr);
  column-gap: 4px;
  align-items: center;
  min-height: var(--drop-cell, 30px);
  padding-left: 4px;
}
b {
  white-space: nowrap;
}
b.none {
  font-weight: 400;
  color: var(--ink-soft);
}
.hands {
  position: absolute;
  right: 0;
  top: 1px;
  display: none;
}
.cell:hover .hands,
.cell:focus .hands,
.cell:focus-within .hands {
  display: flex;
}
.hands button {
  width: 28px;
  height: 28px;
  padding: 0;
  border: 1px solid var(--line);
  background: var(--field-high);
  font-weight: 700;
  line-height: 1;
}
@media (max-width: 640px) {
  .cell {
    grid-template-columns: minmax(0, 1fr);
    align-content: center;
    padding: 0 1px;
  }
  b {
    white-space: normal;
    font-size: 0.875rem;
    line-height: 1.1;
  }
  .hands {
    top: auto;
    bottom: 100%;
    right: 50%;
    transform: translateX(50%);
    z-index: 2;
  }
  .hands button {
    width: 44px;
    height: 44px;
  }
  .first .hands {
    right: auto;
    left: 0;
    transform: none;
  }
  .last .hands {
    right: 0;
    transform: none;
  }
}
</style>
