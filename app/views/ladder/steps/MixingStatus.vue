<script setup lang="ts">
import { computed } from 'vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { nameOf } from '../../../stores/paints'
import { endWords, mixingWords } from '../../../words/mixing'

/** How the ladder is mixed and how near that comes, or what is still being done. */
const ladder = useLadder()
const status = computed(() => {
  if (ladder.searching) return 'Looking for the closest drops…'
  if (ladder.trouble) return ladder.trouble
  const [deepest, lightest] = [ladder.steps[0], ladder.steps.at(-1)]
  const ends =
    deepest && lightest
      ? endWords(ladder.reached, { dark: deepest.target.L, light: lightest.target.L })
      : ''
  if (ladder.note) return mixingWords(ladder.note, nameOf, ladder.off) + ends
  return ladder.proved
    ? `These are the closest drops there are.${ends}`
    : 'Close drops from a large box; open a step to have the closest proved.'
})
</script>

<template>
  <p class="mixing" role="status" aria-label="Mixing">{{ status }}</p>
</template>

<style scoped>
.mixing {
  margin: 0;
  font-size: 0.9375rem;
  line-height: 1.3;
  min-height: 2.6em;
}
</style>
