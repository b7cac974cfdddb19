<script setup lang="ts">
import { computed } from 'vue'
import { counted, formatShoppingNote, formatStockCsv, stockFor } from '../../../core'
import { fileName, saveFile } from '../../parts/files/saveFile'
import { useBench } from '../../stores/bench/bench'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'

/** What the mixes to come need against what is left in the bottles; what runs out first stands first. */
const bench = useBench()
const store = useProject()
const rows = computed(() => stockFor(bench.mixesToCome, store.project.bottles ?? {}))
const short = computed(() => rows.value.filter(({ bottles }) => bottles > 0).length)
const named = (ending: string): string => fileName(`${store.project.name} shopping`, ending)
function left(id: string, event: Event): void {
  const given = (event.target as HTMLInputElement).value
  if (given === '') return
  const ml = Math.min(5000, Math.max(0, Number(given)))
  store.setBottle(id, counted(store.project.bottles?.[id], ml))
}
</script>

<template>
  <details class="stock">
    <summary>
      Paint that is needed:
      {{ short > 0 ? `${short} will run out` : 'nothing that was counted runs out' }}
    </summary>
    <p v-if="rows.length === 0" class="soft">Nothing is left to mix.</p>
    <template v-else>
      <table>
        <thead>
          <tr>
            <th scope="col">Paint</th>
            <th scope="col">needed, ml</th>
            <th scope="col">left, ml</th>
            <th scope="col">to buy</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.paint">
            <th scope="row">{{ nameOf(row.paint) }}</th>
            <td class="numbers">{{ row.neededMl.toFixed(2) }}</td>
            <td>
              <input
                class="text-field"
                type="number"
                min="0"
                max="5000"
                step="0.5"
                :aria-label="`Left of ${nameOf(row.paint)}, ml`"
                placeholder="not counted"
                :value="row.leftMl"
                @change="left(row.paint, $event)"
              />
            </td>
            <td>
              <template v-if="row.bottles > 0">
                {{ row.bottles }}, it runs out at “{{ bench.mixesToCome[row.runsOutAt!]?.words }}”
              </template>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="tools">
        <button
          type="button"
          class="plain"
          @click="saveFile(named('txt'), formatShoppingNote(rows, nameOf), 'text/plain')"
        >
          Shopping list (text)
        </button>
        <button
          type="button"
          class="plain"
          @click="saveFile(named('csv'), formatStockCsv(rows, nameOf), 'text/csv')"
        >
          Shopping list (CSV)
        </button>
      </p>
    </template>
  </details>
</template>

<style scoped>
table {
  border-collapse: collapse;
  font-size: 15px;
  width: 100%;
}
th {
  font-weight: 400;
  text-align: left;
}
td,
th {
  padding: 2px 12px 2px 0;
}
input {
  width: 118px;
}
.tools {
  display: flex;
  gap: 8px;
  margin: 8px 0 0;
}
p {
  margin: 0;
}
</style>
