<script setup lang="ts">
import { line, scaleLinear } from 'd3'
import { computed } from 'vue'
import { wavelengthsNm } from '../../core'
import type { Spectrum } from '../../core'

/** Reflectance of every step: what is aimed at dashed, what is painted whole. */
const props = defineProps<{
  curves: { name: string; css: string; aim: Spectrum; painted?: Spectrum }[]
}>()
const WIDTH = 460
const HEIGHT = 240
const x = scaleLinear([380, 730], [34, WIDTH - 8])
const top = computed(
  () => Math.max(0.1, ...props.curves.flatMap(({ aim }) => Math.max(...aim))) * 1.08,
)
const y = computed(() => scaleLinear([0, top.value], [HEIGHT - 22, 8]))
const drawn = (curve: Spectrum): string =>
  line<number>(
    (_, i) => x(wavelengthsNm[i]!),
    (r) => y.value(r),
  )([...curve]) ?? ''
</script>

<template>
  <figure class="chart">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      aria-label="Reflectance of every step over wavelength"
    >
      <g v-for="nm in [400, 500, 600, 700]" :key="nm">
        <line class="grid" :x1="x(nm)" :x2="x(nm)" y1="8" :y2="HEIGHT - 22" />
        <text :x="x(nm)" :y="HEIGHT - 6" text-anchor="middle">{{ nm }}</text>
      </g>
      <g v-for="r in y.ticks(4)" :key="r">
        <line class="grid" x1="34" :x2="WIDTH - 8" :y1="y(r)" :y2="y(r)" />
        <text x="30" :y="y(r) + 4" text-anchor="end">{{ Math.round(100 * r) }}%</text>
      </g>
      <g v-for="{ name, css, aim, painted } in curves" :key="name">
        <path class="under" :d="drawn(painted ?? aim)" />
        <path class="aim" :d="drawn(aim)" />
        <path class="curve" :stroke="css" :d="drawn(painted ?? aim)" />
      </g>
    </svg>
    <figcaption class="soft">
      Reflectance over wavelength, nm: painted whole, aimed at dashed.
    </figcaption>
  </figure>
</template>

<style scoped>
path {
  fill: none;
}
.under {
  stroke: var(--field-high);
  stroke-width: 4;
}
.curve {
  stroke-width: 2.5;
}
.aim {
  stroke: var(--ink-soft);
  stroke-dasharray: 3 3;
}
</style>
