<script setup lang="ts">
import { useProject } from '../../stores/project/project'
import type { useRecipe } from './useRecipe'

/** Limits and wishes of the search. */
const wishes = defineModel<ReturnType<typeof useRecipe>['wishes']>({ required: true })
const store = useProject()
</script>

<template>
  <section aria-labelledby="wishes" class="wishes">
    <h2 id="wishes">Wishes</h2>
    <div class="row">
      <label>
        Most paints
        <select v-model.number="wishes.maxPaints" class="text-field" aria-label="Most paints">
          <option v-for="n in 5" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label>
        Most drops
        <select v-model.number="wishes.maxDrops" class="text-field" aria-label="Most drops">
          <option v-for="n in [4, 6, 8, 10, 12, 16, 20, 24, 30]" :key="n" :value="n">
            {{ n }}
          </option>
        </select>
      </label>
      <label>
        With
        <select v-model="wishes.required" class="text-field" aria-label="With">
          <option value="">any paint</option>
          <option v-for="{ id, name } in store.paintsIn" :key="id" :value="id">{{ name }}</option>
        </select>
      </label>
      <label>
        Prefer
        <select v-model="wishes.prefer" class="text-field" aria-label="Prefer">
          <option value="">the closest</option>
          <option value="opaque">what covers</option>
          <option value="nearly empty">bottles nearly empty</option>
          <option value="cheapest">the cheapest</option>
        </select>
      </label>
    </div>
    <label
      ><input v-model="wishes.underLamps" type="checkbox" /> holds under warm lamp and cabinet
      tube</label
    >
    <label><input v-model="wishes.wholeCurve" type="checkbox" /> matches the whole spectrum</label>
    <label><input v-model="wishes.noHazards" type="checkbox" /> no paint with a hazard word</label>
    <label
      ><input v-model="wishes.touches" type="checkbox" /> strong paints in halves, quarters and
      tenths of a drop</label
    >
  </section>
</template>

<style scoped>
.wishes {
  display: grid;
  gap: 4px;
  font-size: 15px;
}
.row {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  font-size: 14px;
}
.text-field {
  display: block;
  width: 100%;
}
input {
  accent-color: var(--ink);
}
</style>
