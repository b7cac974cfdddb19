<script setup lang="ts">
/** A named slider with its value in words, 0–1 in steps of a fiftieth unless told otherwise. */
const {
  min = 0,
  max = 1,
  step = 0.02,
  colours = undefined,
} = defineProps<{
  name: string
  words: string
  min?: number
  max?: number
  step?: number
  /** What the ends and the way between look like; the track shows it. */
  colours?: string[]
}>()
const value = defineModel<number>({ required: true })
</script>

<template>
  <label class="row">
    <span class="name">{{ name }}</span>
    <span class="words" aria-hidden="true">{{ words }}</span>
    <input
      v-model.number="value"
      type="range"
      :min="min"
      :max="max"
      :step="step"
      :aria-label="name"
      :aria-valuetext="words"
      :class="{ coloured: colours }"
      :style="colours && { '--track': `linear-gradient(to right, ${colours.join(', ')})` }"
    />
  </label>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto 1fr;
  column-gap: 12px;
}
.words {
  text-align: right;
  color: var(--ink-soft);
}
input {
  grid-column: 1 / -1;
  appearance: none;
  width: 100%;
  height: 28px;
  margin: 0;
  background: transparent;
}
input::-webkit-slider-runnable-track {
  height: 4px;
  background: var(--ink-soft);
  border-radius: 2px;
}
input.coloured::-webkit-slider-runnable-track {
  height: 14px;
  background: var(--track);
  border-radius: 0;
}
input.coloured::-webkit-slider-thumb {
  margin-top: -3px;
}
input.coloured::-moz-range-track {
  height: 14px;
  background: var(--track);
}
input::-moz-range-track {
  height: 4px;
  background: var(--ink-soft);
  border-radius: 2px;
}
input::-webkit-slider-thumb {
  appearance: none;
  width: 20px;
  height: 20px;
  margin-top: -8px;
  border-radius: 50%;
  border: 3px solid var(--ink);
  background: var(--field-high);
}
input::-moz-range-thumb {
  width: 14px;
  height: 14px;
  border-radius: 50%;
  border: 3px solid var(--ink);
  background: var(--field-high);
}
</style>
