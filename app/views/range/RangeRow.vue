<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { chromaOf } from '../../../core'
import type { Figure, Ingredient, Lab } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import DropBeads from '../../parts/DropBeads.vue'
import { bottleColour } from '../../parts/palette/colourOf'
import { nameOf } from '../../stores/paints'
import type { RangeRow, RangeStep } from '../../stores/range/rowOf'
import type { Sharing } from '../../stores/range/sharing'
import CoatedStrip from './CoatedStrip.vue'
import RangePuddles from './RangePuddles.vue'
import { endsShortly, sharingWords } from '../../words/range'

/** One figure: its puddles as wells with their drops, its ladder with the ratios, and how it stands to the others. */
const props = defineProps<{
  figure: Figure
  row: RangeRow | undefined
  /** Names of figures that read alike with it. */
  near: readonly string[]
  grey: boolean
  /** Steps are as wide as their share, or all alike. */
  shares: boolean
  /** How many steps any row has below and above its base: where shares do not count, bases stand one under another. */
  reach: { below: number; above: number }
  /** A puddle of another figure that would serve this one. */
  sharing?: Sharing
  /** It is no figure of the commission: nothing to open. */
  plain?: boolean
}>()
defineEmits<{ apart: []; share: [] }>()
const seen = (lab: Lab): Lab => (props.grey && chromaOf(lab) > 0 ? { ...lab, a: 0, b: 0 } : lab)
const puddles = computed(() => (props.row?.steps ?? []).filter(({ puddle }) => puddle))
const labOf = (of: Ingredient): Lab | undefined =>
  'bottle' in of ? bottleColour(of.bottle) : undefined
const ends = computed(() => {
  const { steps, reached } = props.row!
  return endsShortly(reached, steps[0]!.target.L, steps.at(-1)!.target.L)
})
const open = computed(() => ({ name: 'Ladder', query: { figure: props.figure.id } }))
const strip = computed(() => {
  if (props.shares || !props.row) return {}
  const { base, steps } = props.row
  const wide = props.reach.below + props.reach.above + 1
  return {
    paddingLeft: `${(100 * (props.reach.below - base)) / wide}%`,
    paddingRight: `${(100 * (props.reach.above - (steps.length - 1 - base))) / wide}%`,
  }
})
const wide = ({ share }: RangeStep): number => (props.shares ? Math.max(0.02, share) : 1)
const ratio = ({ puddle, made }: RangeStep): string =>
  puddle ? '●' : made.map(({ drops }) => drops).join(' : ')
/** The bottle that a puddle beside it takes a touch of. */
const touchOf = ({ puddle, made }: RangeStep): Ingredient | undefined =>
  puddle ? undefined : made.find(({ of }) => 'bottle' in of)?.of
function label(step: RangeStep): string {
  const touch = touchOf(step)
  const made = touch
    ? `${ratio(step)} of the puddle beside it and ${nameOf('bottle' in touch ? touch.bottle : '')}`
    : `${ratio(step)} of its neighbours`
  return `${props.figure.name}, ${step.name}: ${step.puddle ? 'a puddle of its own' : made}, off by ${step.off.toFixed(1)}`
}
</script>

<template>
  <li class="row" :aria-label="figure.name">
    <div class="who">
      <h2>
        <template v-if="plain">{{ figure.name }}</template>
        <RouterLink v-else :to="open">{{ figure.name.split(',')[0] }}</RouterLink>
      </h2>
      <p class="soft">{{ figure.note }}</p>
      <slot />
    </div>
    <template v-if="row">
      <RangePuddles :steps="puddles" :seen="seen" />
      <div class="strip" :class="{ foot: row.coated }" :style="strip">
        <ColourPatch
          v-for="step in row.steps"
          :key="step.key"
          :lab="seen(step.painted)"
          :label="label(step)"
          class="step"
          :style="{ flexGrow: wide(step) }"
          ><span :class="{ ratio: !step.puddle }">{{ ratio(step) }}</span>
          <DropBeads v-if="touchOf(step)" :lab="labOf(touchOf(step)!)" :drops="1"
        /></ColourPatch>
        <CoatedStrip
          v-if="row.coated"
          :name="figure.name"
          :labs="row.coated.map(seen)"
          :widths="row.steps.map(wide)"
          :style="strip"
        />
        <RouterLink
          v-if="!plain"
          :to="open"
          class="over"
          :aria-label="`Open the ladder of ${figure.name}`"
        />
      </div>
      <div class="how">
        <p>
          off by <b>{{ row.mean.toFixed(1) }}</b>
        </p>
        <p v-if="ends" class="soft">{{ ends }}</p>
        <p v-if="near.length">
          like {{ near.join(', ') }}
          <ElButton size="small" class="apart" @click="$emit('apart')">Set apart</ElButton>
        </p>
        <slot name="more" />
        <p v-if="sharing">
          {{ sharingWords(sharing) }}
          <ElButton size="small" class="apart" @click="$emit('share')">Share</ElButton>
        </p>
      </div>
    </template>
    <p v-else class="soft" style="align-self: center">Mixing…</p>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 128px 252px minmax(0, 1fr) 150px;
  gap: 0 12px;
  border-top: 1px solid var(--line);
  min-height: 62px;
}
.who {
  padding: 6px 0;
  min-width: 0;
}
h2 {
  font-size: 1.0625rem;
  line-height: 1.15;
}
h2 a {
  color: inherit;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
p {
  margin: 0;
  font-size: 0.875rem;
  line-height: 1.2;
}
.strip {
  position: relative;
  display: flex;
  min-width: 0;
}
/* Room for what the coats come to. */
.foot .step {
  padding-bottom: 12px;
}
/* Over the patches, which keep their names; a folded corner still says what it is. */
.over {
  position: absolute;
  inset: 0;
}
.step :deep(.cut) {
  z-index: 1;
}
.step {
  flex: 1 1 0;
  min-width: 20px;
  container-type: inline-size;
  display: flex;
  align-items: flex-end;
  padding: 0 0 3px 5px;
  font-size: 0.875rem;
  white-space: nowrap;
}
.step :deep(.beads) {
  padding-bottom: 4px;
}
.how {
  padding: 6px 0;
  font-size: 0.875rem;
}
.apart.el-button--small {
  height: 26px;
  padding: 0 6px;
}
@container (max-width: 34px) {
  .step .ratio {
    display: none;
  }
}
@media (max-width: 1000px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 120px;
    padding: 4px 0 8px;
  }
  .strip {
    order: 3;
    grid-column: 1 / -1;
    height: 52px;
  }
}
@media (max-width: 640px) {
  .step span {
    display: none;
  }
  .step {
    min-width: 8px;
    padding: 0;
  }
}
</style>
