<script setup lang="ts">
import { distances } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import JudgementNote from '../../../parts/JudgementNote.vue'
import { useCritic } from '../../../stores/critic/critic'
import { useLadder } from '../../../stores/ladder/ladder'
import { afarWords } from '../../../words/critic'

/** Before any paint is spent: what of the plan is left in the hand, on the table and on a shelf. */
const critic = useCritic()
const ladder = useLadder()
/** Pixels a centimetre away: what is twice as far looks half as large. */
const tall = (cm: number): number => Math.max(14, Math.round(1900 / cm))
</script>

<template>
  <section v-if="critic.afar.length" aria-label="The plan from afar">
    <h2>The plan, before any paint is spent</h2>
    <JudgementNote />
    <ul>
      <li v-for="seen in critic.afar" :key="seen.from">
        <b>{{ distances[seen.from].name }}</b>
        <div class="strip" :style="{ height: `${tall(distances[seen.from].cm)}px` }">
          <ColourPatch
            v-for="({ lab, share, keys }, i) in seen.groups"
            :key="keys[0]"
            :lab="lab"
            :class="{ first: i === seen.first }"
            :style="{ flex: Math.max(0.015, share) }"
          />
        </div>
        <span>{{ afarWords(seen, ladder.steps.length) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
  margin-top: 8px;
}
li {
  display: grid;
  grid-template-columns: 110px minmax(160px, 1fr) minmax(200px, 1.2fr);
  gap: 14px;
  align-items: center;
}
.strip {
  display: flex;
}
.first {
  box-shadow: inset 0 -4px 0 var(--ink);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr;
    gap: 2px;
  }
}
</style>
