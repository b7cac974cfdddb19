<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { ElCheckbox, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { distances, mean as meanOf, toneLab } from '../../../core'
import type { SeenFrom } from '../../../core'
import { later } from '../../parts/later'
import PartsNav from '../../parts/PartsNav.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useFew } from '../../stores/range/few'
import { rowReach, useRange } from '../../stores/range/rows'
import { useSharing } from '../../stores/range/sharing'
import { useProject } from '../../stores/project/project'
import { memoise } from '../../stores/memoise'
import { manyWords } from '../../words/counts'
import BottleStrip from './BottleStrip.vue'
import FindFew from './FindFew.vue'
import GroupSettings from './GroupSettings.vue'
import LetDowns from './LetDowns.vue'
import RangeRowLine from './RangeRow.vue'
import TableBottles from './TableBottles.vue'
import InTurn, { inItsTurn } from '../../parts/inTurn'

/** All figures of the commission side by side, from the few bottles on the table. */
const store = useProject()
const range = useRange()
// All figures are looked at in a task of its own, before they are drawn.
inItsTurn(() => range.look())
const few = useFew()
const { offers, share } = useSharing()
/** The figures come first: bottles are a line until they are changed; without a table they are chosen at once. */
const changing = useLocalStorage('cobaltfinch-range-bottles', false, { onError: () => undefined })
const open = computed(() => changing.value || few.table.value.length === 0)

/** Other ways to look at the same figures; each is loaded when it is first wanted. */
const LineUp = later(() => import('./LineUp.vue'))
const AcrossSheet = later(() => import('./AcrossSheet.vue'))
const CompareSets = later(() => import('./CompareSets.vue'))
const RangeFiles = later(() => import('./RangeFiles.vue'))
const parts = {
  line: 'Line-up',
  across: 'Across complexions',
  compare: 'Compare bottles',
  group: 'Light of all',
} as const
type Part = keyof typeof parts
const route = useRoute()
const shown = computed<Part | undefined>(() => {
  const asked = String(route.query.show ?? '')
  return asked in parts ? (asked as Part) : undefined
})

const sorts = { hand: 'by hand', light: 'light first', group: 'by group' } as const
const sort = ref<keyof typeof sorts>('hand')
const from = ref<SeenFrom>('table')
const grey = ref(false)
const shares = ref(true)
const rows = computed(() => {
  const list = [...range.rows]
  if (sort.value === 'light')
    list.sort((one, other) => toneLab(other.figure.tone).L - toneLab(one.figure.tone).L)
  if (sort.value === 'group')
    list.sort((one, other) =>
      `${one.figure.group ?? '~'}${one.figure.kind}`.localeCompare(
        `${other.figure.group ?? '~'}${other.figure.kind}`,
      ),
    )
  return list
})
const mixed = computed(() => rows.value.flatMap(({ row }) => row ?? []))
const reach = memoise(() => rowReach(mixed.value))
const alike = computed(() => range.alike(from.value))
/** Names of the figures that each reads like. */
const near = memoise(() =>
  Object.fromEntries(
    rows.value.map(({ figure: { id } }) => [
      id,
      (alike.value.get(id) ?? []).map(({ figure }) => figure.name.split(',')[0]!),
    ]),
  ),
)
const note = computed(() => {
  const figures = manyWords(store.project.figures.length, 'figure', 'figures')
  const many = few.table.value.length
  return many > 0
    ? `${figures} from ${manyWords(many, 'bottle', 'bottles')}`
    : `${figures} from all that is in`
})
const mean = computed(() => {
  const known = rows.value.flatMap(({ row }) => (row ? [row.mean] : []))
  return known.length === rows.value.length && known.length > 0 ? meanOf(known) : undefined
})
const trouble = ref('')
async function setApart(id: string): Promise<void> {
  const mine = mixed.value.find(({ figure }) => figure.id === id)
  if (!mine) return
  const { figure } = mine
  const made = await range.toneApart(mine, alike.value.get(id) ?? [], from.value)
  trouble.value = made
    ? ''
    : `${figure.name} cannot be set apart by lightness and hue alone; change what it is like in Tone.`
  if (made) store.setFigure(id, { tone: made })
}
</script>

<template>
  <main class="view">
    <ViewHead :title="store.project.name" :note="note" />
    <InTurn
      ><div class="body">
        <div class="top" data-asks>
          <div>
            <InTurn>
              <BottleStrip v-if="few.table.value.length" v-model="changing" :few="few" />
              <TableBottles v-if="open" :few="few" />
              <LetDowns :few="few" :short="!open" />
            </InTurn>
          </div>
          <InTurn><FindFew :few="few" :short="!open" /></InTurn>
        </div>
        <PartsNav class="parts" label="Of this range" first="Ladders" :parts="parts" :shown="shown">
          <ElCheckbox v-model="grey" class="grey">in grey</ElCheckbox>
          <ElCheckbox v-if="shown !== 'line'" v-model="shares"
            >steps as wide as their share</ElCheckbox
          >
          <p v-if="mean !== undefined" class="mean" role="status">
            All ladders: off by <b>{{ mean.toFixed(1) }}</b>
          </p>
        </PartsNav>
        <p v-if="range.trouble || trouble" role="alert">{{ range.trouble || trouble }}</p>
        <AcrossSheet v-if="shown === 'across'" :grey="grey" :shares="shares" />
        <CompareSets v-else-if="shown === 'compare'" />
        <template v-else>
          <LineUp v-if="shown === 'line'" :rows="mixed" :grey="grey" />
          <GroupSettings v-if="shown === 'group'" />
          <template v-if="shown !== 'line'">
            <ol class="rows" aria-label="Figures">
              <InTurn v-for="{ figure, row } in rows" :key="figure.id">
                <RangeRowLine
                  :figure="figure"
                  :row="row"
                  :near="near[figure.id] ?? []"
                  :grey="grey"
                  :shares="shares"
                  :reach="reach"
                  :sharing="offers.get(figure.id)"
                  @apart="setApart(figure.id)"
                  @share="share(figure.id)"
                />
              </InTurn>
            </ol>
            <InTurn>
              <div class="asked">
                <ElRadioGroup v-model="sort" aria-label="Order of the figures">
                  <ElRadioButton v-for="(name, key) in sorts" :key="key" :value="key">{{
                    name
                  }}</ElRadioButton>
                </ElRadioGroup>
                <ElRadioGroup v-model="from" aria-label="Told apart from">
                  <ElRadioButton v-for="({ name }, key) in distances" :key="key" :value="key">{{
                    name
                  }}</ElRadioButton>
                </ElRadioGroup>
                <RangeFiles :title="store.project.name" :rows="mixed" :grey="grey" />
              </div>
            </InTurn>
          </template>
        </template></div
    ></InTurn>
  </main>
</template>

<style scoped>
.body {
  padding: 12px 24px 32px;
}
.top {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 28px;
  align-items: start;
}
.parts {
  padding: 8px 0;
}
.grey {
  margin-left: 20px;
}
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding: 12px 0;
}
.mean {
  margin: 0 0 0 auto;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
  border-bottom: 1px solid var(--line);
}
@media (max-width: 1000px) {
  .top {
    grid-template-columns: minmax(0, 1fr);
  }
}
@media (max-width: 640px) {
  .body {
    padding: 8px 12px 24px;
  }
}
</style>
