<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import {
  CARD_MM,
  cardPages,
  formatGpl,
  formatLadderCsv,
  formatPagesSvg,
  layoutCard,
  layoutSheet,
  slugOf,
} from '../../../core'
import type { CardItem } from '../../../core'
import { saveFile } from '../../parts/files/saveFile'
import { cardOf, ladderRows, sheetOf } from '../../stores/range/sheet'
import type { RangeRow } from '../../stores/range/rowOf'

/** The whole range to print or to keep: one page with all, one a figure, palettes and a table. */
const props = defineProps<{ title: string; rows: readonly RangeRow[]; grey: boolean }>()
const kinds = { pdf: 'PDF', png: 'PNG', svg: 'SVG', gpl: 'GPL', csv: 'CSV' } as const
const saving = ref('')
const trouble = ref('')

/** One page below another. */
const below = (first: readonly CardItem[], next: readonly CardItem[]): CardItem[] => {
  const down = cardPages(first) * CARD_MM.height
  return [...first, ...next.map((item) => ({ ...item, y: item.y + down }))]
}
/** What draws pages is large, and loaded when it is first wanted. */
const drawing = () => import('../../parts/card/drawPages')
async function save(kind: keyof typeof kinds): Promise<void> {
  trouble.value = ''
  saving.value = kind
  const { title, rows, grey } = props
  const name = `${slugOf(title, 'range')}-range.${kind}`
  const items = layoutSheet(sheetOf(title, rows, grey))
  try {
    if (kind === 'svg') saveFile(name, formatPagesSvg(title, items), 'image/svg+xml')
    else if (kind === 'png')
      saveFile(name, await (await drawing()).pagesPng({ title, items }), 'image/png')
    else if (kind === 'gpl') saveFile(name, formatGpl(title, ladderRows(rows)), 'text/plain')
    else if (kind === 'csv') saveFile(name, formatLadderCsv(ladderRows(rows)), 'text/csv')
    else {
      const all = rows.reduce((pages, row) => below(pages, layoutCard(cardOf(row, grey))), items)
      const { bytes, note } = await (await drawing()).pagesPdf({ title, items: all })
      saveFile(name, bytes, 'application/pdf')
      trouble.value = note
    }
  } catch (error) {
    trouble.value = `The file could not be made: ${failureWords(error)}`
  }
  saving.value = ''
}
</script>

<template>
  <div class="files" role="group" aria-label="Print or keep">
    <ElButton
      v-for="(name, kind) in kinds"
      :key="kind"
      :disabled="rows.length === 0 || saving !== ''"
      @click="save(kind)"
      >{{ name }}</ElButton
    >
    <span v-if="trouble" role="alert">{{ trouble }}</span>
  </div>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
}
.files :deep(.el-button + .el-button) {
  margin-left: 0;
}
</style>
