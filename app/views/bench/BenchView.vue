<script setup lang="ts">
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref } from 'vue'
import { cautionFor, cautions, coatKinds } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import DropBeads from '../../parts/DropBeads.vue'
import PutRight from '../../parts/PutRight.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import { useBench } from '../../stores/bench/bench'
import BenchLanes from './BenchLanes.vue'
import BenchSettings from './BenchSettings.vue'
import DryingTimers from './DryingTimers.vue'
import MeasureForm from './MeasureForm.vue'
import ShoppingList from './ShoppingList.vue'
import { useKept, wellOf } from './useKept'
import type { Made } from './useKept'

/** One move at a time, readable at arm's length; one key forward, one key back. */
const bench = useBench()
const open = ref<'note' | 'measure'>()
const coat = computed(() => (bench.now ? bench.coatOf(bench.now.move) : undefined))
const lab = computed(() => coat.value && wellOf(coat.value))
const hazards = computed(() => [
  ...new Set(coat.value?.parts.flatMap(({ paint }) => paint.hazards) ?? []),
])
/** An undercoat is mostly sprayed. */
const spraying = computed(() => {
  if (coat.value && coatKinds[coat.value.kind].sprayed) return cautionFor('spraying', hazards.value)
  return bench.now?.move.of.kind === 'undercoat'
    ? `From a can or an airbrush? ${cautionFor('spraying', [])}`
    : ''
})
/** Minutes until what comes next is dry. */
const wait = computed(() => Math.round(bench.now?.startMin ?? 0))
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
const { minutes, off, keep } = useKept(() => coat.value)
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
      <section v-if="bench.now" class="now" aria-label="Now" aria-live="polite">
        <ColourPatch v-if="lab" :lab="lab" class="well" label="The well" />
        <div class="what">
          <p class="which">
            {{ bench.figureName(bench.now.move) }} · {{ bench.left }}
            {{ bench.left === 1 ? 'move' : 'moves' }} left
          </p>
          <h2>{{ bench.now.move.words }}</h2>
          <p v-if="bench.now.mixes && coat" class="mix">
            <b>Mix it now:</b>
            <span v-for="{ paint, drops } in coat.parts" :key="paint.id">
              {{ drops }} {{ paint.name }} <DropBeads :paint="paint" :drops="drops" />
            </span>
          </p>
          <p v-else-if="coat" class="mix">The puddle is open.</p>
          <p v-if="wait > 1" class="soft">It still dries: about {{ wait }} minutes to go.</p>
          <p v-if="spraying" class="caution">{{ spraying }}</p>
          <p v-for="key in hazards" :key="key" class="caution">{{ cautions[key] }}</p>
        </div>
      </section>
      <section v-else class="now" aria-label="Now">
        <h2>{{ bench.ready ? 'All moves are done.' : 'Working out the order…' }}</h2>
      </section>
      <p v-if="bench.trouble" role="alert">{{ bench.trouble }}</p>
      <div class="keys">
        <button type="button" class="primary big" :disabled="!bench.now" @click="bench.next">
          Done, go on <kbd>Space</kbd>
        </button>
        <button type="button" class="plain big" :disabled="!bench.last" @click="bench.back">
          Back <kbd>⌫</kbd>
        </button>
        <button type="button" class="plain big" @click="bench.dry">It dries <kbd>D</kbd></button>
        <button type="button" class="plain big" :disabled="!coat" @click="open = 'note'">
          Note <kbd>N</kbd>
        </button>
        <button type="button" class="plain big" :disabled="!coat" @click="open = 'measure'">
          Measure <kbd>M</kbd>
        </button>
      </div>
      <MeasureForm
        v-if="open && coat"
        :kind="open"
        :parts="coat.parts.map(({ paint, drops }) => ({ paint: paint.id, drops }))"
        :thinner="bench.habits.thinner[coat.kind] ?? coat.thinner"
        :minutes="minutes()"
        @keep="written"
        @close="open = undefined"
      />
      <section v-if="off" class="off" aria-label="Put right">
        <h2>Off by {{ off.by.toFixed(1) }}: put it right</h2>
        <PutRight :parts="off.parts" :aim="off.aim" :found="off.found" />
        <button type="button" class="plain" @click="off = undefined">Leave it as it is</button>
      </section>
      <section v-if="bench.following.length" aria-label="Then" class="then">
        <p v-for="{ move, mixes } in bench.following" :key="move.id">
          <span class="soft">{{ bench.figureName(move) }}</span> {{ move.words
          }}<span v-if="mixes" class="soft">; mix first</span>
        </p>
      </section>
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
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  background: var(--field-high);
  min-height: 190px;
}
.well {
  width: 190px;
}
.what {
  padding: 14px 22px;
  font-size: 20px;
}
.now h2 {
  font-size: 30px;
  padding: 2px 0 8px;
}
.now p {
  margin: 0;
}
.mix {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.mix span {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.caution {
  font-size: 16px;
  padding-top: 6px;
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
@media (max-width: 640px) {
  .now {
    grid-template-columns: minmax(0, 1fr);
  }
  .well {
    width: 100%;
    height: 90px;
  }
}
</style>
