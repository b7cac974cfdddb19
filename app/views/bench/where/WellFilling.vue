<script setup lang="ts">
import { computed } from 'vue'
import type { PlannedPuddle } from '../../../../core'
import { colourOf } from '../../../parts/palette/colourOf'
import { screenColour } from '../../../parts/screenColour'
import { useBench } from '../../../stores/bench/bench'
import type { FigurePalette } from '../../../stores/palette/figurePalette'

/** The well as it fills: what is in it so far beside what it will be. */
const props = defineProps<{ well: PlannedPuddle; palette: FigurePalette }>()
const bench = useBench()
const aim = computed(() => colourOf(props.well.of, props.palette))
const soFar = computed(() => {
  const parts = props.well.parts.filter((_, at) => bench.ticked.includes(at))
  return parts.length > 0 ? props.palette.look(parts).lab : undefined
})
</script>

<template>
  <figure>
    <svg viewBox="0 0 200 200" role="img" aria-label="The well, so far and as it will be">
      <circle cx="100" cy="100" r="92" class="rim" />
      <path
        d="M100 14 A86 86 0 0 0 100 186 Z"
        :fill="soFar ? screenColour(soFar).css : 'transparent'"
      />
      <path
        d="M100 14 A86 86 0 0 1 100 186 Z"
        :fill="aim ? screenColour(aim).css : 'transparent'"
      />
    </svg>
    <figcaption>
      <span>{{ soFar ? 'so far' : 'nothing in it yet' }}</span><span>as it will be</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  height: 100%;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  justify-items: center;
  padding: 12px;
}
svg {
  width: 100%;
  height: 100%;
}
.rim {
  fill: var(--field-low);
  stroke: var(--line);
  stroke-width: 2;
}
figcaption {
  width: min(100%, 420px);
  display: flex;
  justify-content: space-between;
  font-size: 1.25rem;
}
@media (max-width: 640px) {
  figcaption {
    font-size: 1rem;
  }
  figure {
    padding: 4px 12px;
  }
}
</style>
