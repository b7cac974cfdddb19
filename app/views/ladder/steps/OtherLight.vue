<script setup lang="ts">
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { paintOf } from '../../../stores/paints'
import { partWords } from '../../../words/amounts'

/** The ladder of the second light; it meets the first at the base. */
const ladder = useLadder()
</script>

<template>
  <section v-if="ladder.otherSteps.length" aria-label="Second light" class="other">
    <h2>From the other side</h2>
    <div class="strip">
      <div v-for="step in ladder.otherSteps" :key="step.key" class="step">
        <ColourPatch
          :lab="step.painted ?? step.target"
          class="patch"
          :label="`${step.name}, second light`"
        />
        <b>{{ step.name }}</b>
        <span v-for="{ paint, drops } in step.parts" :key="paint">
          {{ partWords(drops, paintOf(paint).name) }}
        </span>
        <span v-if="step.off !== undefined" class="soft">off by {{ step.off.toFixed(1) }}</span>
      </div>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: flex;
  overflow-x: auto;
}
.step {
  flex: 1 0 96px;
  display: flex;
  flex-direction: column;
  font-size: 0.875rem;
  line-height: 1.25;
}
.patch {
  height: 56px;
}
.step > :not(.patch) {
  padding: 0 4px;
}
</style>
