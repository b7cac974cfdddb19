<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import {
  bottleParts,
  cautionFor,
  cautions,
  dispensed,
  dropsIn,
  isBottle,
  sameIngredient,
} from '../../../core'
import type { BottleDrops } from '../../../core'
import MissingBottles from '../../parts/MissingBottles.vue'
import { colourOf } from '../../parts/palette/colourOf'
import { useBench } from '../../stores/bench/bench'
import { useHandsFree } from '../../stores/bench/handsFree'
import { useProject } from '../../stores/project/project'
import BenchBar from './BenchBar.vue'
import EveningEnd from './EveningEnd.vue'
import BenchMore from './more/BenchMore.vue'
import type { MorePage } from './more/pages'
import RightByLooking from './right/RightByLooking.vue'
import RotationStrip from './rotation/RotationStrip.vue'
import LayTurn from './what/LayTurn.vue'
import MixTurn from './what/MixTurn.vue'
import WellFilling from './where/WellFilling.vue'
import WhereForm from './where/WhereForm.vue'
import { useBenchKeys } from './useBenchKeys'
import { useKept } from './useKept'
import type { Made } from './useKept'
import { useTurn } from './useTurn'

/** One turn at a time, readable at arm's length: what, where, and one bar that never moves. */
const bench = useBench()
const store = useProject()
const free = useHandsFree()
const {
  turn,
  who,
  then,
  move,
  palette,
  coat,
  well,
  title,
  how,
  where,
  whereWords,
  spoken,
  hazards,
  sprayed,
} = useTurn()

/** A well of more parts than this comes in pages. */
const PER_PAGE = 5
const page = ref(0)
const pages = computed(() =>
  turn.value?.kind === 'mix' ? Math.ceil(turn.value.well.parts.length / PER_PAGE) : 1,
)
watch(
  () => turn.value?.id,
  () => (page.value = 0),
)
const panel = ref<'right' | 'more'>()
const morePage = ref<MorePage>('figures')
const ended = ref(false)

const room = ref<HTMLElement>()
const focusRoom = (): void => room.value?.focus({ preventScroll: true })
const wake = useWakeLock()
onMounted(() => {
  // Keys are for the bench from the start, whatever link led here.
  focusRoom()
  if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)
})
function close(): void {
  panel.value = undefined
  void nextTick(focusRoom)
}
function toggle(which: 'right' | 'more'): void {
  if (panel.value === which) return close()
  panel.value = which
}
function write(kind: 'note' | 'measure'): void {
  if (!planned.value) return
  morePage.value = kind
  panel.value = 'more'
}
function done(): void {
  if (panel.value) return close()
  if (ended.value) return void (ended.value = false)
  if (page.value + 1 < pages.value) page.value++
  else bench.next()
}
function back(): void {
  if (page.value > 0) page.value--
  else bench.back()
}
/** Where a tap on the lower third of the move is Done: not where it began a turn of the form. */
let pressed: { x: number; y: number } | undefined
function tapped(event: PointerEvent): void {
  const began = pressed
  pressed = undefined
  if (!free.tapLow || !began || panel.value) return
  if ((event.target as HTMLElement).closest('button, a, input, [role=status]')) return
  if (Math.hypot(event.clientX - began.x, event.clientY - began.y) > 8) return
  const { top, height } = (event.currentTarget as HTMLElement).getBoundingClientRect()
  if (event.clientY > top + (2 / 3) * height) done()
}
useBenchKeys({
  done,
  back,
  close,
  dry: bench.dry,
  right: () => mendable.value && toggle('right'),
  note: () => write('note'),
  measure: () => write('measure'),
})
watch([spoken, () => free.spoken], ([words]) => free.say(words), { immediate: true })
onBeforeUnmount(free.quiet)

const { minutes, off, keep, bottlesOf } = useKept(() => coat.value)
/** As the well at hand is planned: the one that is mixed, or the one that is painted from. */
const plannedWell = computed(() => {
  if (turn.value?.kind === 'mix') return turn.value.well
  const of = well.value
  return of && move.value
    ? bench.wellsOf(move.value).find((one) => sameIngredient(one.of, of))
    : undefined
})
const planned = computed(() =>
  plannedWell.value?.parts.map((part, i) => ({
    of: part.of,
    drops: plannedWell.value!.given.drops[i]!,
  })),
)
const aim = computed(() => well.value && palette.value && colourOf(well.value, palette.value))
const mendable = computed(
  () => planned.value !== undefined && aim.value !== undefined && !isBottle(well.value!),
)
const writable = computed(() =>
  planned.value && palette.value && coat.value
    ? {
        of: `${store.project.id} ${turn.value?.id ?? ''}`,
        parts: planned.value,
        nameOf: palette.value.nameOf,
        bottlesOf,
        thinner: bench.habits.thinner[coat.value.kind] ?? coat.value.thinner,
        minutes: minutes(),
      }
    : undefined,
)
/** What put the well right goes into the puddle, wherever it is used. */
function mixSo(add: readonly BottleDrops[]): void {
  const one = off.value
  if (!one?.puddle) return
  const parts = withAdded(one.made, add)
  const given = dispensed(
    parts.map(({ drops }) => drops),
    dropsIn(parts),
  ).drops
  const kept = parts.map(({ of }, i) => ({ of, drops: given[i]! }))
  if (store.changePuddle(one.puddle, { parts: kept })) off.value = undefined
}
type Parts = Made['made']
function withAdded(made: Parts, add: readonly BottleDrops[]): Parts {
  const parts = made.map((part) => ({ ...part }))
  for (const { of, drops } of bottleParts(add)) {
    const had = parts.find((part) => sameIngredient(part.of, of))
    if (had) had.drops += drops
    else parts.push({ of, drops })
  }
  return parts
}
function written(made: Made): void {
  keep({
    ...made,
    ...(well.value && aim.value ? { well: { of: well.value, aim: aim.value } } : {}),
  })
  if (!off.value) close()
}
/** A well that was put right by looking: what is in it now looks as it should, as far as an eye sees. */
function righted(add: BottleDrops[], near: boolean): void {
  if (!planned.value || !well.value || !aim.value) return
  const { L, a, b } = aim.value
  keep({
    made: withAdded(planned.value, add),
    ...(near ? { note: 'put right as near as it comes' } : { real: { L, a, b }, readBy: 'eye' }),
    well: { of: well.value, aim: aim.value },
  })
  close()
}
const lit = computed(() => {
  if (!palette.value || !move.value) return undefined
  const of = bench.wellOf(move.value)
  return of && colourOf(of, palette.value)
})
const caution = computed(() => {
  const spraying =
    sprayed.value === 'always'
      ? cautionFor('spraying', hazards.value)
      : sprayed.value === 'maybe'
        ? `From a can or an airbrush? ${cautionFor('spraying', [])}`
        : ''
  return [spraying, ...hazards.value.map((key) => cautions[key])].filter(Boolean)
})
const leftWords = computed(() => (bench.left === 1 ? 'the last move' : `${bench.left} moves left`))
</script>

<template>
  <main ref="room" class="bench" tabindex="-1">
    <header class="top">
      <RouterLink class="out" :to="{ name: 'Coats' }">‹ Leave</RouterLink>
      <RotationStrip @join="((morePage = 'figures'), (panel = 'more'))" />
      <p class="count">{{ bench.turn ? leftWords : '' }}</p>
    </header>
    <div
      class="work"
      @pointerdown="pressed = { x: $event.clientX, y: $event.clientY }"
      @pointerup="tapped"
    >
      <section v-if="panel" class="panel">
        <RightByLooking
          v-if="panel === 'right' && planned && well && aim && palette"
          :key="turn?.id"
          :of="well"
          :name="palette.nameOf(well)"
          :aim="aim"
          :parts="planned"
          :bottles="bottlesOf(planned)"
          :move="`${store.project.id} ${turn?.id ?? ''}`"
          @right="righted"
          @close="close"
          @more="write('measure')"
        />
        <BenchMore
          v-else-if="panel === 'more'"
          v-model="morePage"
          v-bind="writable ? { at: writable } : {}"
          :off="off"
          @keep="written"
          @mix-so="mixSo"
          @let-be="((off = undefined), close())"
          @close="close"
          @end="((ended = true), close())"
        />
      </section>
      <section v-else-if="ended || (bench.ready && !turn)" class="panel" aria-label="Now">
        <h1 class="hidden">The bench</h1>
        <EveningEnd @on="ended = false" />
      </section>
      <template v-else>
        <section class="what" aria-label="Now" aria-live="polite">
          <p class="who">{{ who }}</p>
          <h1>{{ title || 'Working out the order…' }}</h1>
          <p v-if="how" class="how">{{ how }}</p>
          <template v-if="palette && move">
            <MixTurn
              v-if="turn?.kind === 'mix'"
              :well="turn.well"
              :palette="palette"
              :page="page"
              :per-page="PER_PAGE"
            />
            <LayTurn v-else :move="move" :palette="palette" :coat="coat" />
          </template>
          <p v-else-if="move" class="soft">Its mixes are being found…</p>
          <MissingBottles />
          <p v-for="words in caution" :key="words" class="caution">{{ words }}</p>
          <div v-if="then.length" class="then">
            <p v-for="one in then" :key="one.id"><span class="soft">then</span> {{ one.words }}</p>
          </div>
          <p v-if="bench.trouble" role="alert">{{ bench.trouble }}</p>
        </section>
        <section class="where" aria-label="Where">
          <template v-if="palette && turn">
            <WellFilling v-if="turn.kind === 'mix'" :well="turn.well" :palette="palette" />
            <WhereForm
              v-else-if="where"
              :key="turn.move.figure"
              :where="where"
              :palette="palette"
              :lit="lit"
              :words="whereWords"
            />
          </template>
        </section>
      </template>
    </div>
    <BenchBar
      :open="panel"
      :mendable="mendable"
      :pages="page + 1 < pages"
      @done="done"
      @back="back"
      @toggle="toggle"
    />
  </main>
</template>

<style scoped>
.bench {
  height: 100%;
  display: grid;
  grid-template-rows: 64px minmax(0, 1fr) auto;
  grid-template-columns: minmax(0, 1fr);
  overflow: hidden;
  user-select: none;
  touch-action: manipulation;
  overscroll-behavior: none;
}
.bench:focus {
  outline: none;
}
/* Wet hands need room. */
.bench :deep(.el-button),
.bench :deep(.el-radio-button__inner) {
  min-height: 56px;
}
.bench :deep(.el-radio-button__inner) {
  display: inline-flex;
  align-items: center;
}
.top {
  position: relative;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  padding: 0 16px 0 8px;
  background: var(--field-low);
}
.out {
  display: inline-flex;
  align-items: center;
  min-width: 56px;
  min-height: 56px;
  padding: 0 12px;
  color: inherit;
  text-decoration: none;
  font-size: 18px;
}
.count {
  margin: 0;
  font-size: 18px;
  white-space: nowrap;
}
.work {
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  grid-template-rows: minmax(0, 1fr);
}
.panel {
  grid-column: 1 / -1;
  min-height: 0;
  overflow: auto;
  user-select: text;
}
.what {
  min-height: 0;
  overflow: auto;
  padding: 18px 28px;
  background: var(--field-high);
  font-size: 26px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.what > * {
  flex: none;
}
.where {
  min-height: 0;
  min-width: 0;
  background: var(--field);
}
h1 {
  font-size: 44px;
  line-height: 1.08;
}
.who {
  font-size: 24px;
}
.how {
  padding-bottom: 6px;
}
p {
  margin: 0;
}
.caution {
  font-size: 17px;
}

.what > .then {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--line);
  font-size: 19px;
  /* What comes then gives way to what is to be done now. */
  flex: 0 1 auto;
  min-height: 0;
  overflow: hidden;
}
.then p {
  padding-bottom: 4px;
}
@media (max-height: 700px), (max-aspect-ratio: 1/1) {
  .then {
    display: none;
  }
}
.hidden {
  position: absolute;
  clip-path: inset(50%);
}
@media (max-aspect-ratio: 1/1) {
  .work {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }
  .what {
    max-height: 58vh;
  }
}
@media (max-width: 640px) {
  .what {
    padding: 8px 12px;
    font-size: 20px;
    gap: 4px;
  }
  h1 {
    font-size: 30px;
  }
  .who {
    font-size: 18px;
  }
  .caution {
    font-size: 15px;
  }
  .count {
    font-size: 16px;
  }
}
</style>
