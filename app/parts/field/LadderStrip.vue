<script setup lang="ts">
import type { Lab } from '../../../core'
import ColourPatch from '../ColourPatch.vue'

/** A ladder, small: its steps side by side, as wide as their shares; an empty place until it is known. */
defineProps<{ steps?: readonly { lab: Lab; share: number }[] }>()
</script>

<template>
  <span class="strip" aria-hidden="true">
    <ColourPatch
      v-for="({ lab, share }, i) in steps ?? []"
      :key="i"
      :lab="lab"
      :style="{ flexGrow: Math.max(0.05, share) }"
    />
  </span>
</template>

<style scoped>
.strip {
  display: flex;
  height: 22px;
  background: var(--field);
}
.strip > * {
  flex: 1 1 0;
}
</style>
