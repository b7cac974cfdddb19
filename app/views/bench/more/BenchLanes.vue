<script setup lang="ts">
import { scaleLinear } from 'd3'
import { computed } from 'vue'
import { evenings, toneLab } from '../../../../core'
import { screenColour } from '../../../parts/screenColour'
import { useBench } from '../../../stores/bench/bench'
import { useProject } from '../../../stores/project/project'
import { wellOf } from '../useKept'

/** A lane a figure: work in the colour of its mix, drying as a thin line; done is faded. */
const bench = useBench()
const store = useProject()
const LANE = 22
const WIDTH = 860
const LEFT = 26
const lanes = computed(() => {
  const byLane = new Map<string, typeof bench.plan.moves>()
  for (const scheduled of bench.plan.moves) {
    const { figure, copy } = scheduled.move
    const key = JSON.stringify([figure, copy])
    byLane.set(key, [...(byLane.get(key) ?? []), scheduled])
  }
  const ofOpen = (moves: typeof bench.plan.moves) => moves[0]!.move.figure === store.figure.id
  return [...byLane]
    .sort(
      ([, one], [, other]) =>
        Number(ofOpen(other)) - Number(ofOpen(one)) || one[0]!.move.copy - other[0]!.move.copy,
    )
    .slice(0, 12)
    .map(([key, moves]) => ({
      key,
      name: ofOpen(moves) ? String(moves[0]!.move.copy) : bench.figureName(moves[0]!.move)[0]!,
      moves,
    }))
})
const x = computed(() => scaleLinear([0, Math.max(1, bench.plan.totalMin)], [LEFT, WIDTH - 8]))
const hours = computed(() => x.value.ticks(8))
const cssOf = (move: (typeof bench.plan.moves)[number]['move']): string => {
  const coat = bench.coatOf(move)
  // A varnish has no colour of its own.
  if (coat && coat.parts.length > 0) return screenColour(wellOf(coat)).css
  const other = bench.along.find(({ id }) => id === move.figure)
  return other ? screenColour(toneLab(other.tone)).css : 'var(--ink-soft)'
}
const time = (min: number): string =>
  min >= 60 ? `${Math.floor(min / 60)} h ${Math.round(min % 60)} min` : `${Math.round(min)} min`
const eveningMin = computed(() => bench.state.eveningMin ?? 150)
const sittings = computed(() => evenings(bench.plan.moves, eveningMin.value).length)
const many = computed(() => bench.rotation.length)
const words = computed(
  () =>
    `${time(bench.plan.totalMin)} for ${many.value} ${many.value === 1 ? 'figure' : 'figures'}, the brush waits ${time(bench.plan.idleMin)} of it` +
    (bench.plan.proved
      ? '; no order is shorter.'
      : `; no order takes less than ${time(bench.plan.boundMin)}.`),
)
</script>

<template>
  <figure class="chart">
    <svg
      :viewBox="`0 0 ${WIDTH} ${lanes.length * LANE + 22}`"
      role="img"
      :aria-label="`Schedule, a lane a figure. ${words}`"
    >
      <g v-for="h in hours" :key="h">
        <line class="grid" :x1="x(h)" :x2="x(h)" y1="0" :y2="lanes.length * LANE" />
        <text :x="x(h)" :y="lanes.length * LANE + 16" text-anchor="middle">{{ h }}</text>
      </g>
      <g v-for="(lane, n) in lanes" :key="lane.key">
        <text x="2" :y="n * LANE + 15">{{ lane.name }}</text>
        <g v-for="{ move, startMin, endMin } in lane.moves" :key="move.id">
          <line
            class="dries"
            :x1="x(endMin)"
            :x2="Math.min(WIDTH - 8, x(endMin + move.dryMin))"
            :y1="n * LANE + 10"
            :y2="n * LANE + 10"
          />
          <rect
            :x="x(startMin)"
            :y="n * LANE + 2"
            :width="Math.max(1.5, x(endMin) - x(startMin))"
            :height="LANE - 6"
            :fill="cssOf(move)"
            :class="{ done: bench.done.has(move.id), now: bench.now?.move.id === move.id }"
          >
            <title>{{ move.words }}</title>
          </rect>
        </g>
      </g>
    </svg>
    <figcaption class="soft">
      {{ words }} {{ sittings }} {{ sittings === 1 ? 'evening' : 'evenings' }} of
      {{ time(eveningMin) }}. {{ bench.enough }} in rotation keep the brush busy.
    </figcaption>
  </figure>
</template>

<style scoped>
.dries {
  stroke: var(--ink-soft);
  stroke-dasharray: 1 3;
}
.done {
  opacity: 0.35;
}
.now {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
