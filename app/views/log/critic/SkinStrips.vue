<script setup lang="ts">
import type { Lab } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'

/** The plan above, as wide as its shares; the photograph below, dark to light. */
defineProps<{ planned: readonly { lab: Lab; share: number }[]; read: readonly Lab[] }>()
</script>

<template>
  <figure>
    <div class="strip" role="img" aria-label="As planned, dark to light">
      <ColourPatch
        v-for="({ lab, share }, i) in planned"
        :key="i"
        :lab="lab"
        :style="{ flex: Math.max(0.01, share) }"
      />
    </div>
    <div class="strip" role="img" aria-label="As photographed, dark to light">
      <ColourPatch v-for="(lab, i) in read" :key="i" :lab="lab" style="flex: 1" />
    </div>
    <figcaption class="soft">above as planned, below as photographed</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
.strip {
  display: flex;
  height: 38px;
}
</style>
