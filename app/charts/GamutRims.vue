<script setup lang="ts">
import { curveLinearClosed, line, scaleLinear } from 'd3'
import { computed } from 'vue'

/** What sets of bottles close, seen from above: a* across, b* up; the first whole, the second dashed. */
const props = defineProps<{
  rims: readonly { name: string; rim: readonly { a: number; b: number }[] }[]
}>()
const SIZE = 260
const most = computed(
  () =>
    10 *
    Math.ceil(
      Math.max(40, ...props.rims.flatMap(({ rim }) => rim.map(({ a, b }) => Math.hypot(a, b)))) /
        10,
    ),
)
const x = computed(() => scaleLinear([-most.value, most.value], [0, SIZE]))
const y = computed(() => scaleLinear([-most.value, most.value], [SIZE, 0]))
const pathOf = (rim: readonly { a: number; b: number }[]): string =>
  line<{ a: number; b: number }>()
    .x(({ a }) => x.value(a))
    .y(({ b }) => y.value(b))
    .curve(curveLinearClosed)([...rim]) ?? ''
</script>

<template>
  <svg
    class="rims"
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="img"
    :aria-label="`What ${rims.map(({ name }) => name).join(' and ')} close, a* across and b* up`"
  >
    <line :x1="0" :x2="SIZE" :y1="y(0)" :y2="y(0)" />
    <line :x1="x(0)" :x2="x(0)" :y1="0" :y2="SIZE" />
    <path
      v-for="({ rim, name }, i) in rims"
      :key="name"
      :class="{ second: i > 0 }"
      :d="pathOf(rim)"
    />
    <text :x="SIZE - 18" :y="y(0) - 4">a*</text>
    <text :x="x(0) + 4" y="12">b*</text>
  </svg>
</template>

<style scoped>
.rims {
  width: 260px;
  max-width: 100%;
}
line {
  stroke: var(--line);
}
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.second {
  stroke-dasharray: 5 4;
}
text {
  font: 0.75rem var(--text-face);
  fill: var(--ink);
}
</style>
