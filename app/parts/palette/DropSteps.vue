<script setup lang="ts">
import { lessThanADrop, MOST_OF_ONE, nextAmount } from '../../../core'
import type { Lab } from '../../../core'
import { amountWords, countWords } from '../../words/amounts'
import DropBeads from '../DropBeads.vue'

/** How much of something: beads, with a key or a button for one more and one less, down to a touch. */
const props = defineProps<{ what: string; lab: Lab | undefined; drops: number }>()
const emit = defineEmits<{ change: [drops: number] }>()
const [least] = lessThanADrop

function alter(by: 1 | -1): void {
  const drops = Math.max(least!, nextAmount(props.drops, by))
  if (drops <= MOST_OF_ONE && drops !== props.drops) emit('change', drops)
}
function keys(event: KeyboardEvent): void {
  const by = ({ ArrowUp: 1, '+': 1, ArrowDown: -1, '-': -1 } as const)[event.key]
  if (by === undefined) return
  event.preventDefault()
  alter(by)
}
</script>

<template>
  <div
    class="drops"
    role="spinbutton"
    tabindex="0"
    :aria-label="`Drops of ${what}`"
    :aria-valuenow="drops"
    :aria-valuemin="least"
    :aria-valuemax="MOST_OF_ONE"
    :aria-valuetext="amountWords(drops)"
    @keydown="keys"
  >
    <button type="button" tabindex="-1" aria-hidden="true" @click="alter(-1)">−</button>
    <b>{{ countWords(drops) }}</b>
    <button type="button" tabindex="-1" aria-hidden="true" @click="alter(1)">+</button>
    <DropBeads :lab="lab" :drops="drops" />
  </div>
</template>

<style scoped>
.drops {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 34px;
}
b {
  min-width: 54px;
  text-align: center;
}
button {
  width: 30px;
  height: 30px;
  padding: 0;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--field-high);
  font-weight: 700;
  line-height: 1;
}
</style>
