<script setup lang="ts">
import { computed, ref } from 'vue'
import { comparedSittings, sittingsOf } from '../../../core'
import type { LogEntry } from '../../../core'
import PickOne from '../../parts/field/PickOne.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import FoldOut from '../../parts/FoldOut.vue'

/** Two days at the bench beside each other: what was painted in both, edge against edge. */
const props = defineProps<{ log: readonly LogEntry[] }>()
const sittings = computed(() => sittingsOf(props.log))
const [one, other] = [ref(0), ref(1)]
const both = computed(() => {
  const [a, b] = [sittings.value[one.value], sittings.value[other.value]]
  return a && b ? comparedSittings(a, b) : []
})
const sum = (at: number): string => {
  const found = sittings.value[at]
  if (!found) return ''
  const off =
    found.meanOff === undefined ? 'nothing measured' : `off by ${found.meanOff.toFixed(1)}`
  return `${found.entries.length} mixes, ${off}${found.minutes ? `, ${found.minutes} min` : ''}`
}
</script>

<template>
  <FoldOut v-if="sittings.length > 1" name="Compare two sittings">
    <div class="pair">
      <div v-for="(at, k) in [one, other]" :key="k">
        <PickOne
          :label="k === 0 ? 'One day' : 'Another'"
          :options="sittings.map(({ day }, key) => ({ key, name: day }))"
          :model-value="at"
          @update:model-value="k === 0 ? (one = $event) : (other = $event)"
        />
        <span class="soft">{{ sum(at) }}</span>
      </div>
    </div>
    <p v-if="both.length === 0" class="soft">Nothing was painted in both.</p>
    <div v-for="twice in both" :key="twice.what" class="twice">
      <span class="split">
        <ColourPatch :lab="twice.one.real ?? twice.one.predicted" label="One day" />
        <ColourPatch :lab="twice.other.real ?? twice.other.predicted" label="Another" />
      </span>
      <span>{{ twice.what }}; {{ twice.apart.toFixed(1) }} apart</span>
    </div>
  </FoldOut>
</template>

<style scoped>
.pair {
  display: grid;
  gap: 8px;
  margin: 8px 0;
}
.twice {
  display: grid;
  grid-template-columns: 70px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  font-size: 0.875rem;
  padding: 2px 0;
}
.split {
  display: flex;
  height: 34px;
}
.split > * {
  flex: 1;
}
p {
  margin: 0;
}
</style>
