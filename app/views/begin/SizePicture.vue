<script setup lang="ts">
import { computed } from 'vue'
import type { FigureSize } from '../../../core'
import { silhouettes } from './silhouettes'

/** A size beside the others, all to one scale. */
const props = defineProps<{ size: FigureSize; creature?: boolean }>()
/** Parts of the picture to a millimetre: the tallest figure just fits. */
const PER_MM = 1.28
/** Head and shoulders are about a third of a standing person. */
const BUST_SHARE = 0.36
const GROUND = 172
const drawn = computed(() => {
  const { heightMm, bust } = props.size
  const { d, foot, height } = silhouettes[bust ? 'bust' : props.creature ? 'creature' : 'person']
  const scale = (heightMm * (bust ? BUST_SHARE : 1) * PER_MM) / height
  return { d, transform: `translate(60 ${GROUND - foot * scale}) scale(${scale})` }
})
</script>

<template>
  <svg viewBox="0 0 120 176" aria-hidden="true">
    <path :d="drawn.d" :transform="drawn.transform" />
    <path d="M0 172h120v4h-120z" class="plinth" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
}
path {
  fill: currentColor;
}
.plinth {
  opacity: 0.5;
}
</style>
