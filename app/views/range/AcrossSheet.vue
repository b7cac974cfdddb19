<script setup lang="ts">
import { Plus } from '@element-plus/icons-vue'
import { ElButton } from 'element-plus'
import { blankFigure } from '../../../core'
import { useHelps } from '../../stores/range/helps'
import { useAcross } from '../../stores/range/across'
import { rowReach } from '../../stores/range/rows'
import type { RangeRow } from '../../stores/range/rowOf'
import { useProject } from '../../stores/project/project'
import { newId } from '../../vault/newId'
import RangeFiles from './RangeFiles.vue'
import RangeRowLine from './RangeRow.vue'
import WhatHelps from './WhatHelps.vue'

/** One palette and one lighting over complexions from porcelain to deepest brown, and over hides. */
defineProps<{ grey: boolean; shares: boolean }>()
const store = useProject()
const helps = useHelps()
/** A ladder that is further off than this may want another bottle, ΔE00. */
const MUCH = 1
const { rows, trouble, busy, many } = useAcross()
function begin({ figure }: RangeRow): void {
  const { name, tone, kind, plan, size } = figure
  const id = newId()
  if (
    store.addFigure(blankFigure(id, { name: `New, ${name}`, note: name, kind, tone, plan, size }))
  )
    store.chooseFigure(id)
}
</script>

<template>
  <section aria-label="Across complexions">
    <div class="about">
      <p>
        The bottles on the table in the lighting of {{ store.figure.name.split(',')[0] }}, over
        complexions and hides.
        <span v-if="busy" role="status">{{ rows.length }} of {{ many }}…</span>
      </p>
      <RangeFiles title="Across complexions" :rows="rows" :grey="grey" />
    </div>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ol class="rows">
      <RangeRowLine
        v-for="row in rows"
        :key="row.figure.id"
        :figure="row.figure"
        :row="row"
        :near="[]"
        :reach="rowReach(rows)"
        :grey="grey"
        :shares="shares"
        plain
      >
        <ElButton size="small" :icon="Plus" @click="begin(row)">Begin a figure</ElButton>
        <template #more><WhatHelps v-if="row.mean > MUCH" :row="row" :helps="helps" /></template>
      </RangeRowLine>
    </ol>
  </section>
</template>

<style scoped>
.about {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  align-items: center;
  justify-content: space-between;
  padding-bottom: 8px;
}
p {
  margin: 0;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
