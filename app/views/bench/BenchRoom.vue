<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { BottleDrops } from '../../../core'
import { useBench } from '../../stores/bench/bench'
import { useHandsFree } from '../../stores/bench/handsFree'
import BenchBar from './BenchBar.vue'
import BenchTop from './BenchTop.vue'
import EveningEnd from './EveningEnd.vue'
import BenchMore from './more/BenchMore.vue'
import type { MorePage } from './more/pages'
import ReadingTells from './more/ReadingTells.vue'
import NowTurn from './NowTurn.vue'
import RightByLooking from './right/RightByLooking.vue'
import { useBenchKeys } from './useBenchKeys'
import { useTurn } from './useTurn'
import type { Made } from './useKept'
import { useWell } from './useWell'

/** One turn at a time, readable at arm's length: what, where, and one bar that never moves. */
const bench = useBench()
const free = useHandsFree()
const { turn, spoken } = useTurn()
const { planned, mendable, writable, off, mixSo, write, righted } = useWell()

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
const atEnd = computed(() => ended.value || (bench.ready && !bench.now))

const room = ref<HTMLElement>()
// Keys are for the bench from the start, whatever link led here.
const focusRoom = (): void => room.value?.focus({ preventScroll: true })
const wake = useWakeLock()
onMounted(() => {
  focusRoom()
  if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)
})
function close(): void {
  panel.value = undefined
  void nextTick(focusRoom)
}
function toggle(which: 'right' | 'more'): void {
  if (panel.value === which) close()
  else panel.value = which
}
function open(which: MorePage): void {
  if ((which === 'note' || which === 'measure') && !planned.value) return
  morePage.value = which
  panel.value = 'more'
}
/** The turn after which something was read: what that tells stands till the next. */
const read = ref<string>()
function written(made: Made): void {
  write(made)
  read.value = turn.value?.id
  if (!off.value) close()
}
function mended(add: BottleDrops[], near: boolean): void {
  righted(add, near)
  read.value = turn.value?.id
  close()
}
function done(): void {
  if (panel.value) close()
  else if (ended.value) ended.value = false
  else if (page.value + 1 < pages.value) page.value++
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
  if ((event.target as HTMLElement).closest('button, a, input')) return
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
  note: () => open('note'),
  measure: () => open('measure'),
})
watch([spoken, () => free.spoken], ([words]) => free.say(words), { immediate: true })
onBeforeUnmount(free.quiet)
</script>

<template>
  <main ref="room" class="bench" tabindex="-1" :data-turn="turn?.id">
    <BenchTop @join="open('figures')" />
    <div
      class="work"
      @pointerdown="pressed = { x: $event.clientX, y: $event.clientY }"
      @pointerup="tapped"
    >
      <section
        v-if="panel"
        class="panel"
        :aria-label="panel === 'more' ? 'Beside it' : 'How it looks'"
      >
        <h1 class="unseen">The bench</h1>
        <RightByLooking
          v-if="panel === 'right' && mendable"
          :key="turn?.id"
          v-bind="mendable"
          @right="mended"
          @close="close"
          @more="open('measure')"
        />
        <BenchMore
          v-else
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
      <section v-else-if="atEnd" class="panel" aria-label="Now">
        <h1 class="unseen">The bench</h1>
        <EveningEnd @on="ended = false" />
      </section>
      <NowTurn v-else :page="page" :per-page="PER_PAGE" />
    </div>
    <ReadingTells v-show="read === turn?.id" class="tells" />
    <BenchBar
      :open="panel"
      :mendable="mendable !== undefined"
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
  grid-template-rows: 64px minmax(0, 1fr) auto auto;
  grid-template-columns: minmax(0, 1fr);
  overflow: hidden;
  user-select: none;
  /* No zoom by a second tap or a pinch of wet fingers. */
  touch-action: pan-x pan-y;
  overscroll-behavior: none;
}
.bench:focus {
  outline: none;
}
/* Wet hands need room. */
.bench {
  --el-component-size: 56px;
}
.bench :deep(:is(.tick, .one, .out, .dab, .act, .figure)) {
  min-width: 56px !important;
  min-height: 56px !important;
}
.bench :deep(:is(.el-button, .el-radio-button__inner)) {
  min-height: 56px !important;
}
.bench :deep(.el-radio-button__inner) {
  display: inline-flex;
  align-items: center;
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
.tells {
  padding: 6px 28px;
  background: var(--field-high);
}
.bench > :last-child {
  grid-row: 4;
}
@media (max-aspect-ratio: 1/1) {
  .work {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }
  .work > .panel {
    grid-row: 1 / -1;
  }
}
</style>
