<script setup lang="ts">
import { ElButton, ElTable, ElTableColumn } from 'element-plus'
import { computed } from 'vue'
import { recounted, formatShoppingNote, formatStockCsv, stockFor } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import { fileName, saveFile } from '../../../parts/files/saveFile'
import { useBench } from '../../../stores/bench/bench'
import { nameOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import FoldOut from '../../../parts/FoldOut.vue'

/** What the mixes to come need against what is left in the bottles; what runs out first stands first. */
const bench = useBench()
const store = useProject()
const rows = computed(() => stockFor(bench.mixesToCome, store.project.bottles ?? {}))
/** Bottles that are in for some figure of the commission. */
const isIn = computed(
  () => new Set(store.figures.flatMap((one) => store.paintsFor(one).map(({ id }) => id))),
)
const rowOf = (row: unknown) => row as (typeof rows.value)[number]
const short = computed(() => rows.value.filter(({ bottles }) => bottles > 0).length)
const named = (ending: string): string => fileName(`${store.project.name} shopping`, ending)
function left(id: string, ml: number | undefined): void {
  if (ml !== undefined) store.setBottle(id, recounted(store.project.bottles?.[id], ml))
}
</script>

<template>
  <FoldOut
    class="stock"
    :name="`Paint that is needed: ${short > 0 ? `${short} will run out` : 'nothing that was counted runs out'}`"
  >
    <p v-if="rows.length === 0" class="soft">Nothing is left to mix.</p>
    <template v-else>
      <ElTable :data="rows" row-key="paint">
        <ElTableColumn label="Paint" min-width="120">
          <template #default="{ row }">
            {{ nameOf(rowOf(row).paint) }}
            <span v-if="!isIn.has(rowOf(row).paint)" class="soft">(not in)</span>
          </template>
        </ElTableColumn>
        <ElTableColumn label="needed, ml" width="96">
          <template #default="{ row }">
            <span class="numbers">{{ rowOf(row).neededMl.toFixed(2) }}</span>
          </template>
        </ElTableColumn>
        <ElTableColumn label="left, ml" width="130">
          <template #default="{ row }">
            <AmountField
              :label="`Left of ${nameOf(rowOf(row).paint)}, ml`"
              bare
              open
              :min="0"
              :max="5000"
              :step="0.5"
              placeholder="not counted"
              :model-value="rowOf(row).leftMl"
              @update:model-value="left(rowOf(row).paint, $event)"
            />
          </template>
        </ElTableColumn>
        <ElTableColumn label="to buy" min-width="130">
          <template #default="{ row }">
            <template v-if="rowOf(row).bottles > 0">
              {{ rowOf(row).bottles }}, it runs out at “{{
                bench.mixesToCome[rowOf(row).runsOutAt!]?.words
              }}”
            </template>
          </template>
        </ElTableColumn>
      </ElTable>
      <p class="tools">
        <ElButton @click="saveFile(named('txt'), formatShoppingNote(rows, nameOf), 'text/plain')">
          Shopping list (text)
        </ElButton>
        <ElButton @click="saveFile(named('csv'), formatStockCsv(rows, nameOf), 'text/csv')">
          Shopping list (CSV)
        </ElButton>
      </p>
    </template>
  </FoldOut>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 8px;
  margin: 8px 0 0;
}
p {
  margin: 0;
}
</style>
