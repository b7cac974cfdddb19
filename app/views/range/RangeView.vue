<script setup lang="ts">
import { ElCheckbox, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref } from 'vue'
import { distances, toneLab } from '../../../core'
import type { SeenFrom } from '../../../core'
import ViewHead from '../../parts/ViewHead.vue'
import { useFew } from '../../stores/range/few'
import { useRange } from '../../stores/range/rows'
import { useProject } from '../../stores/project/project'
import { counted } from '../../words/counts'
import FindFew from './FindFew.vue'
import RangeRow from './RangeRow.vue'
import TablePalette from './TablePalette.vue'
import { setFigureApart } from './setFigureApart'

/** All figures of the commission side by side, from the few bottles on the table. */
const store = useProject()
const range = useRange()
range.look()
const few = useFew()

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
const near = (id: string): string[] =>
  range.alikeWith(id, from.value).map(({ row }) => row.figure.name.split(',')[0]!)
const note = computed(() => {
  const figures = counted(store.project.figures.length, 'figure', 'figures')
  const many = few.palette.value.length
  return many > 0
    ? `${figures} from ${counted(many, 'bottle', 'bottles')}`
    : `${figures} from all that is in`
})
const mean = computed(() => {
  const known = rows.value.flatMap(({ row }) => (row ? [row.mean] : []))
  return known.length === rows.value.length && known.length > 0
    ? known.reduce((sum, one) => sum + one, 0) / known.length
    : undefined
})
const trouble = ref('')
function setApart(id: string): void {
  const others = range.alikeWith(id, from.value).map(({ row }) => row)
  const figure = store.project.figures.find((one) => one.id === id)!
  const made = setFigureApart(figure, others, from.value)
  trouble.value = made
    ? ''
    : `${figure.name} cannot be set apart by lightness and hue alone; change what it is like in Tone.`
  if (made) store.setFigure(id, { tone: made })
}
</script>

<template>
  <main class="view">
    <ViewHead :title="store.project.name" :note="note" />
    <div class="body">
      <div class="top">
        <TablePalette :few="few" />
        <FindFew :few="few" />
      </div>
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
        <ElCheckbox v-model="shares">as wide as its share</ElCheckbox>
        <ElCheckbox v-model="grey">in grey</ElCheckbox>
        <p v-if="mean !== undefined" class="mean" role="status">
          All ladders together: off by <b>{{ mean.toFixed(1) }}</b>
        </p>
      </div>
      <p v-if="range.trouble || trouble" role="alert">{{ range.trouble || trouble }}</p>
      <ol class="rows" aria-label="Figures">
        <RangeRow
          v-for="{ figure, row } in rows"
          :key="figure.id"
          :figure="figure"
          :row="row"
          :near="near(figure.id)"
          :grey="grey"
          :shares="shares"
          @apart="setApart(figure.id)"
        />
      </ol>
    </div>
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
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding: 10px 0;
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
