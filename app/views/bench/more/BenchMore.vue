<script setup lang="ts">
import { ElButton, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import type { BottleDrops, Ingredient, PuddlePart } from '../../../../core'
import FigureRail from '../../../parts/FigureRail.vue'
import FieldSwitch from '../../../parts/FieldSwitch.vue'
import PaletteWells from '../../../parts/palette/PaletteWells.vue'
import PutRight from '../../../parts/PutRight.vue'
import { useGround } from '../../../parts/ground'
import { useBench } from '../../../stores/bench/bench'
import JoinList from '../rotation/JoinList.vue'
import type { Made, Off } from '../useKept'
import BenchLanes from './BenchLanes.vue'
import BenchSettings from './BenchSettings.vue'
import DryingTimers from './DryingTimers.vue'
import HandsFree from './HandsFree.vue'
import MeasureForm from './MeasureForm.vue'
import ShoppingList from './ShoppingList.vue'
import type { MorePage } from './pages'

/** What is not needed at every move: writing down, wells, clocks, rotation, paint that is needed, settings. */
const props = defineProps<{
  /** What can be written down: the well at hand; nothing where there is none. */
  at?: {
    of: string
    parts: readonly PuddlePart[]
    nameOf: (of: Ingredient) => string
    bottlesOf: (parts: readonly PuddlePart[]) => BottleDrops[]
    thinner: number
    minutes: number
  }
  off: Off | undefined
}>()
const page = defineModel<MorePage>({ required: true })
const emit = defineEmits<{
  keep: [made: Made]
  mixSo: [add: BottleDrops[]]
  letBe: []
  close: []
  end: []
}>()
const bench = useBench()
const field = useGround()
const pages = computed(() => [
  ...(props.at
    ? [
        { key: 'note' as const, name: 'Note' },
        { key: 'measure' as const, name: 'Measure' },
      ]
    : []),
  { key: 'figures' as const, name: 'Figures' },
  { key: 'drying' as const, name: 'Drying' },
  { key: 'order' as const, name: 'Order' },
  { key: 'wells' as const, name: 'Wells' },
  { key: 'paint' as const, name: 'Paint' },
  { key: 'device' as const, name: 'Hands free' },
])
</script>

<template>
  <section class="more" aria-label="More">
    <header>
      <ElRadioGroup v-model="page" aria-label="What is shown">
        <ElRadioButton v-for="{ key, name } in pages" :key="key" :value="key">
          {{ name }}
        </ElRadioButton>
      </ElRadioGroup>
      <ElButton class="act" @click="emit('end')">Enough for tonight</ElButton>
      <ElButton class="act" @click="emit('close')">Close</ElButton>
    </header>
    <div class="page">
      <template v-if="page === 'note' || page === 'measure'">
        <MeasureForm
          v-if="at && !off"
          :key="page"
          :kind="page"
          v-bind="at"
          @keep="emit('keep', $event)"
          @close="emit('close')"
        />
        <section v-if="off" class="off" aria-label="Put right">
          <h2>Off by {{ off.by.toFixed(1) }}: put it right</h2>
          <PutRight :parts="off.parts" :aim="off.aim" :found="off.found">
            <template v-if="off.puddle" #way="{ add }">
              <ElButton @click="emit('mixSo', add)">Mix it so from now on</ElButton>
            </template>
          </PutRight>
          <ElButton @click="emit('letBe')">Leave it as it is</ElButton>
        </section>
      </template>
      <template v-else-if="page === 'figures'">
        <h2>On the bench</h2>
        <FigureRail />
        <h2>Painted alongside</h2>
        <JoinList />
        <h2>The evening</h2>
        <BenchSettings />
      </template>
      <DryingTimers v-else-if="page === 'drying'" />
      <template v-else-if="page === 'order'">
        <BenchLanes />
        <p v-for="{ move, mixes } in bench.following" :key="move.id" class="then">
          <span class="soft">{{ bench.figureName(move) }}</span> {{ move.words
          }}<span v-if="mixes" class="soft">; mix first</span>
        </p>
      </template>
      <PaletteWells v-else-if="page === 'wells'" />
      <ShoppingList v-else-if="page === 'paint'" />
      <template v-else>
        <HandsFree />
        <h2>Ground, by the light of the room</h2>
        <FieldSwitch v-model="field" class="ground" />
      </template>
    </div>
  </section>
</template>

<style scoped>
.more {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  background: var(--field);
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  padding: 10px 24px;
  border-bottom: 1px solid var(--line);
}
.act {
  margin: 0;
  min-height: 56px;
  font-size: 1.125rem;
}
.page {
  overflow: auto;
  overscroll-behavior: contain;
  padding: 14px 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-auto-rows: max-content;
  align-content: start;
  gap: 14px;
  touch-action: pan-y;
}
.off {
  display: grid;
  gap: 8px;
}
.then {
  margin: 0;
  font-size: 1.125rem;
}
.ground {
  justify-content: start;
  transform: scale(2.4);
  transform-origin: left top;
  margin-bottom: 48px;
}
@media (max-width: 640px) {
  header,
  .page {
    padding-inline: 12px;
  }
}
</style>
