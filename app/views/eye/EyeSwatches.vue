<script setup lang="ts">
import type { EyeOption, Lab } from '../../../core'
import { screenColour } from '../../parts/screenColour'

/** Swatches to choose from, each a button with its number; edges apart, or touching as steps of a ladder do. */
const props = defineProps<{
  options: readonly EyeOption[]
  /** They stand edge to edge. */
  touching?: boolean
  /** Words under each, in the place of a colour where there is none to see before the answer. */
  words?: readonly string[]
  /** Until it is answered these are shown in the place of its colours; where there are none, none is. */
  before?: readonly Lab[]
  /** These cannot be chosen. */
  closed?: readonly number[]
  chosen?: readonly number[]
  /** Known once it is answered. */
  right?: number
  done: boolean
}>()
defineEmits<{ choose: [at: number] }>()
const looksAt = (i: number): readonly Lab[] => {
  if (props.done || !props.before) return props.options[i]!.looks
  return props.before[i] ? [props.before[i]!] : []
}
const css = (lab: Lab): string => screenColour(lab).css
</script>

<template>
  <div class="swatches" :class="{ touching }" role="group" aria-label="To choose from">
    <button
      v-for="(_, i) in options"
      :key="i"
      type="button"
      class="option"
      :class="{ chosen: chosen?.includes(i), right: done && i === right }"
      :aria-pressed="chosen?.includes(i)"
      :disabled="closed?.includes(i)"
      @click="$emit('choose', i)"
    >
      <span v-if="looksAt(i).length" class="looks">
        <span
          v-for="(lab, k) in looksAt(i)"
          :key="k"
          class="look"
          :style="{ background: css(lab) }"
        />
      </span>
      <span class="word">
        <b :class="{ unseen: closed?.includes(i) }">{{ i + 1 }}</b>
        <template v-if="chosen && chosen.length > 1 && chosen.includes(i)">
          · {{ chosen.indexOf(i) + 1 }}.
        </template>
        {{ words?.[i] }}
        <span v-if="done && i === right" class="unseen">right</span>
      </span>
    </button>
  </div>
</template>

<style scoped>
.swatches {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(190px, 40%), 1fr));
  gap: 22px;
}
.swatches.touching {
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 0;
}
.option {
  display: flex;
  flex-direction: column;
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  text-align: center;
  cursor: pointer;
}
.option:disabled {
  cursor: default;
}
.looks {
  display: flex;
  height: 132px;
}
.touching .looks {
  height: 180px;
}
.look {
  flex: 1;
}
.word {
  padding: 8px 4px;
  width: 100%;
  border-bottom: 4px solid transparent;
  overflow-wrap: anywhere;
}
.chosen .word {
  border-bottom-color: var(--ink);
}
.right .word {
  border-bottom-color: var(--ink);
  border-bottom-style: double;
  border-bottom-width: 6px;
}
@media (max-width: 640px) {
  .swatches {
    gap: 10px 14px;
  }
  .looks {
    height: 84px;
  }
}
</style>
