<script setup lang="ts">
import { ElButton, ElTable, ElTableColumn } from 'element-plus'
import { coatKindKeys, coatKinds, reliefs } from '../../../core'
import type { CoatKind, Relief } from '../../../core'
import AmountField from '../../parts/field/AmountField.vue'
import { useCoats } from '../../stores/coats/coats'
import FoldOut from '../../parts/FoldOut.vue'

/** How each kind of coat lies on recess, flat and ridge; the painter's own hand may differ from the usual. */
const coats = useCoats()
const kinds = coatKindKeys.filter((kind) => coatKinds[kind].pigmented)
const factorOf = (kind: CoatKind, relief: Relief): number =>
  coats.plan.films?.[kind]?.[relief] ?? coatKinds[kind].on[relief]
const kindOf = (row: unknown): CoatKind => (row as { kind: CoatKind }).kind
function set(kind: CoatKind, relief: Relief, given: number): void {
  const changed = { ...coatKinds[kind].on, ...coats.plan.films?.[kind] }
  changed[relief] = given
  coats.set({ films: { ...coats.plan.films, [kind]: changed } }, `film ${kind} ${relief}`)
}
</script>

<template>
  <FoldOut name="How each coat lies on recess, flat and ridge">
    <p class="soft">
      Dry film against the flat of an even coat, from memory; change it to what your brush does.
    </p>
    <ElTable :data="kinds.map((kind) => ({ kind }))">
      <ElTableColumn label="Coat" min-width="110">
        <template #default="{ row }">{{ coatKinds[kindOf(row)].name }}</template>
      </ElTableColumn>
      <ElTableColumn v-for="relief in reliefs" :key="relief" :label="relief" width="84">
        <template #default="{ row }">
          <AmountField
            :label="`${coatKinds[kindOf(row)].name} on the ${relief}`"
            bare
            :min="0"
            :max="5"
            :step="0.05"
            :model-value="factorOf(kindOf(row), relief)"
            @update:model-value="set(kindOf(row), relief, $event!)"
          />
        </template>
      </ElTableColumn>
    </ElTable>
    <ElButton :disabled="!coats.plan.films" @click="coats.set({ films: undefined })">
      Back to the usual
    </ElButton>
  </FoldOut>
</template>
