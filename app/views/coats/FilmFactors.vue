<script setup lang="ts">
import { coatKindKeys, coatKinds, reliefs } from '../../../core'
import type { CoatKind, Relief } from '../../../core'
import { useCoats } from '../../stores/coats/coats'

/** How each kind of coat lies on recess, flat and ridge; the painter's own hand may differ from the usual. */
const coats = useCoats()
const kinds = coatKindKeys.filter((kind) => coatKinds[kind].pigmented)
const factorOf = (kind: CoatKind, relief: Relief): number =>
  coats.plan.films?.[kind]?.[relief] ?? coatKinds[kind].on[relief]
function set(kind: CoatKind, relief: Relief, event: Event): void {
  const given = Number((event.target as HTMLInputElement).value)
  if (!Number.isFinite(given)) return
  const changed = { ...coatKinds[kind].on, ...coats.plan.films?.[kind] }
  changed[relief] = Math.min(5, Math.max(0, given))
  coats.set({ films: { ...coats.plan.films, [kind]: changed } }, `film ${kind} ${relief}`)
}
</script>

<template>
  <details>
    <summary>How each coat lies on recess, flat and ridge</summary>
    <p class="soft">
      Dry film against the flat of an even coat, from memory; change it to what your brush does.
    </p>
    <table>
      <thead>
        <tr>
          <th scope="col">Coat</th>
          <th v-for="relief in reliefs" :key="relief" scope="col">{{ relief }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="kind in kinds" :key="kind">
          <th scope="row">{{ coatKinds[kind].name }}</th>
          <td v-for="relief in reliefs" :key="relief">
            <input
              class="text-field"
              type="number"
              min="0"
              max="5"
              step="0.05"
              :aria-label="`${coatKinds[kind].name} on the ${relief}`"
              :value="factorOf(kind, relief)"
              @change="set(kind, relief, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <button
      type="button"
      class="plain"
      :disabled="!coats.plan.films"
      @click="coats.set({ films: undefined })"
    >
      Back to the usual
    </button>
  </details>
</template>

<style scoped>
table {
  border-collapse: collapse;
  font-size: 14px;
}
th {
  font-weight: 400;
  text-align: left;
  padding-right: 12px;
}
input {
  width: 68px;
}
</style>
