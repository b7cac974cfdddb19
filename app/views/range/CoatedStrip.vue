<script setup lang="ts">
import type { Lab } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { vTip } from '../../parts/tip/tip'

/** What a figure's coats come to, along the foot of the ladder they are laid by. */
defineProps<{
  name: string
  labs: readonly Lab[]
  /** How wide each is. */
  widths: readonly number[]
}>()
</script>

<template>
  <div class="coated" role="img" :aria-label="`${name} once its coats are laid`">
    <ColourPatch
      v-for="(lab, i) in labs"
      :key="i"
      v-tip="'Once its coats are laid'"
      :lab="lab"
      :style="{ flexGrow: widths[i] }"
    />
  </div>
</template>

<style scoped>
.coated {
  position: absolute;
  inset: auto 0 0;
  height: 9px;
  display: flex;
  border-top: 1px solid var(--field);
}
.coated > * {
  flex: 1 1 0;
}
</style>
