<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { bottleParts, dispensed, dropsIn, sameIngredient } from '../../../core'
import type { BottleDrops } from '../../../core'
import MissingBottles from '../../parts/MissingBottles.vue'
import PutRight from '../../parts/PutRight.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import { useBench } from '../../stores/bench/bench'
import { useProject } from '../../stores/project/project'
import PaletteWells from '../../parts/palette/PaletteWells.vue'
import BenchLanes from './BenchLanes.vue'
import BenchSettings from './BenchSettings.vue'
import DryingTimers from './DryingTimers.vue'
import NowMove from './NowMove.vue'
import MeasureForm from './MeasureForm.vue'
import ReadingTells from './ReadingTells.vue'
import ShoppingList from './ShoppingList.vue'
import { useKept } from './useKept'
import type { Made } from './useKept'

/** One move at a time, readable at arm's length; one key forward, one key back. */
const bench = useBench()
const store = useProject()
const open = ref<'note' | 'measure'>()
const coat = computed(() => (bench.now ? bench.coatOf(bench.now.move) : undefined))
const room = ref<HTMLElement>()
const wake = useWakeLock()
onMounted(() => {
  // Keys are for the bench from the start, whatever link led here.
  room.value?.focus({ preventScroll: true })
  if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)
})
useEventListener('keydown', (event: KeyboardEvent) => {
  const at = event.target as HTMLElement
  if (event.ctrlKey || event.metaKey || event.altKey) return
  if (['INPUT', 'SELECT', 'TEXTAREA', 'BUTTON', 'A', 'SUMMARY'].includes(at.tagName)) return
  const key = event.key.toLowerCase()
  if (key === ' ') bench.next()
  else if (key === 'backspace') bench.back()
  else if (key === 'd') bench.dry()
  else if (key === 'n') open.value = 'note'
  else if (key === 'm') open.value = 'measure'
  else return
  event.preventDefault()
})
const { minutes, off, keep, bottlesOf } = useKept(() => coat.value)
const palette = computed(() => bench.now && bench.palettes.get(bench.now.move.figure))
/** As the well at hand is planned. */
const planned = computed(() => {
  const move = bench.now?.move
  const of = move && bench.wellOf(move)
  const one = of && bench.wellsOf(move).find((well) => sameIngredient(well.of, of))
  return one?.parts.map((part, i) => ({ of: part.of, drops: one.given.drops[i]! }))
})
/** What put the well right goes into the puddle, wherever it is used. */
function mixSo(add: readonly BottleDrops[]): void {
  const one = off.value
  if (!one?.puddle) return
  const parts = one.made.map((part) => ({ ...part }))
  for (const { of, drops } of bottleParts(add)) {
    const had = parts.find((part) => sameIngredient(part.of, of))
    if (had) had.drops += drops
    else parts.push({ of, drops })
  }
  const ratio = parts.map(({ drops }) => drops)
  const given = dispensed(ratio, dropsIn(parts)).drops
  const kept = parts.map(({ of }, i) => ({ of, drops: given[i]! }))
  if (store.changePuddle(one.puddle, { parts: kept })) off.value = undefined
}
function written(made: Made): void {
  open.value = undefined
  keep(made)
}
</script>

<template>
  <main ref="room" class="view" tabindex="-1">
    <FigureHead room="at the bench" />
    <SideLayout :side="280">
      <FigureRail />
      <MissingBottles />
      <NowMove v-if="bench.now" />
      <section v-else class="now" aria-label="Now">
        <h2>{{ bench.ready ? 'All moves are done.' : 'Working out the order…' }}</h2>
      </section>
      <p v-if="bench.trouble" role="alert">{{ bench.trouble }}</p>
      <div class="keys">
        <ElButton class="big" type="primary" :disabled="!bench.now" @click="bench.next">
          Done, go on <kbd>Space</kbd>
        </ElButton>
        <ElButton class="big" :disabled="!bench.last" @click="bench.back">
          Back <kbd>⌫</kbd>
        </ElButton>
        <ElButton class="big" @click="bench.dry">It dries <kbd>D</kbd></ElButton>
        <ElButton class="big" :disabled="!planned" @click="open = 'note'">
          Note <kbd>N</kbd>
        </ElButton>
        <ElButton class="big" :disabled="!planned" @click="open = 'measure'">
          Measure <kbd>M</kbd>
        </ElButton>
      </div>
      <MeasureForm
        v-if="open && coat && planned && palette"
        :kind="open"
        :of="`${store.project.id} ${bench.now?.move.id ?? ''}`"
        :parts="planned"
        :name-of="palette.nameOf"
        :bottles-of="bottlesOf"
        :thinner="bench.habits.thinner[coat.kind] ?? coat.thinner"
        :minutes="minutes()"
        @keep="written"
        @close="open = undefined"
      />
      <ReadingTells />
      <section v-if="off" class="off" aria-label="Put right">
        <h2>Off by {{ off.by.toFixed(1) }}: put it right</h2>
        <PutRight :parts="off.parts" :aim="off.aim" :found="off.found">
          <template v-if="off.puddle" #way="{ add }">
            <ElButton @click="mixSo(add)">Mix it so from now on</ElButton>
          </template>
        </PutRight>
        <ElButton @click="off = undefined">Leave it as it is</ElButton>
      </section>
      <section v-if="bench.following.length" aria-label="Then" class="then">
        <p v-for="{ move, mixes } in bench.following" :key="move.id">
          <span class="soft">{{ bench.figureName(move) }}</span> {{ move.words
          }}<span v-if="mixes" class="soft">; mix first</span>
        </p>
      </section>
      <PaletteWells />
      <BenchLanes />
      <ShoppingList />
      <template #side>
        <DryingTimers />
        <BenchSettings />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.view:focus {
  outline: none;
}
.now {
  background: var(--field-high);
  min-height: 190px;
  padding: 14px 22px;
}
.now h2 {
  font-size: 30px;
}
.keys {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.big {
  min-height: 56px;
  padding: 8px 20px;
  font-size: 20px;
}
kbd {
  font: inherit;
  font-size: 14px;
  border: 1px solid currentColor;
  border-radius: 3px;
  padding: 0 5px;
  margin-left: 6px;
}
.off {
  display: grid;
  gap: 8px;
}
.then p {
  margin: 0;
  padding: 4px 0;
  font-size: 18px;
  border-top: 1px solid var(--field-low);
}
p {
  margin: 0;
}
</style>
