<script setup lang="ts">
import { computed } from 'vue'
import { ingredientKey } from '../../../../core'
import type { PlannedPuddle } from '../../../../core'
import DropBeads from '../../../parts/DropBeads.vue'
import { colourOf } from '../../../parts/palette/colourOf'
import { useBench } from '../../../stores/bench/bench'
import type { FigurePalette } from '../../../stores/palette/figurePalette'
import { aboutWords, partWords, timesWords } from '../../../words/amounts'
import { useMissing } from './useMissing'

/** A well, drop by drop: each part is ticked as it goes in. */
const props = defineProps<{
  well: PlannedPuddle
  palette: FigurePalette
  /** Of many parts, those that are on this page. */
  page: number
  perPage: number
}>()
const bench = useBench()
const isMissing = useMissing(() => props.palette)
const rows = computed(() =>
  props.well.parts
    .map(({ of }, at) => ({ of, at, drops: props.well.given.drops[at]! }))
    .slice(props.page * props.perPage, (props.page + 1) * props.perPage),
)
const times = computed(() => props.well.given.times)
</script>

<template>
  <ul class="drops">
    <li v-for="one in rows" :key="ingredientKey(one.of)">
      <button
        type="button"
        class="tick"
        :aria-pressed="bench.ticked.includes(one.at)"
        @mousedown.prevent
        @click="bench.tick(one.at)"
      >
        <span class="box" aria-hidden="true">{{ bench.ticked.includes(one.at) ? '✓' : '' }}</span>
        <span>{{ partWords(one.drops, palette.nameOf(one.of)) }}</span>
        <span v-if="isMissing(one.of)" class="missing">not in</span>
        <DropBeads :lab="colourOf(one.of, palette)" :drops="one.drops" />
      </button>
    </li>
  </ul>
  <p v-if="bench.mixedBefore(well.of)" class="note">mixed before; it has dried up since</p>
  <p v-if="times > 1" class="note">{{ timesWords(times) }}</p>
  <p v-if="well.left > 0.24" class="note soft">{{ aboutWords(well.left) }} will be left over</p>
</template>

<style scoped>
.drops {
  list-style: none;
  margin: 0;
  padding: 0;
}
.tick {
  display: flex;
  align-items: center;
  gap: 14px;
  width: 100%;
  min-height: 56px;
  padding: 4px 0;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
}
.box {
  flex: none;
  display: grid;
  place-items: center;
  width: 34px;
  height: 34px;
  border: 2px solid var(--ink);
}
.tick :deep(i) {
  width: 14px;
  height: 14px;
}
.tick :deep(.less) {
  width: 8px;
  height: 8px;
}
.tick[aria-pressed='true'] {
  color: var(--ink-soft);
}
.missing {
  border: 1px solid;
  padding: 0 6px;
  font-size: 1.125rem;
}
.note {
  margin: 0;
  font-size: 1.25rem;
}
@media (max-width: 640px) {
  .note {
    font-size: 1.125rem;
  }
}
</style>
