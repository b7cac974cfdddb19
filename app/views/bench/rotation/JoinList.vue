<script setup lang="ts">
import { computed } from 'vue'
import { formKeyOf, mostOf, toneLab } from '../../../../core'
import { useBench } from '../../../stores/bench/bench'
import { useProject } from '../../../stores/project/project'
import RotationHead from './RotationHead.vue'

/** The other figures of the commission, as their heads: pressed, one joins the rotation or leaves it. */
const bench = useBench()
const store = useProject()
const others = computed(() => {
  const along = new Set(bench.along.map(({ id }) => id))
  return store.project.figures
    .filter(({ id }) => id !== store.figure.id)
    .map(({ id, name, tone, plan }) => ({
      id,
      name,
      in: along.has(id),
      lane: { form: formKeyOf(plan), lab: toneLab(tone), share: 0, copy: 1 },
    }))
})
const full = computed(() => bench.along.length >= mostOf.atOnce)
function toggle(id: string, joined: boolean): void {
  const ids = bench.along.map((one) => one.id)
  bench.set({ along: joined ? ids.filter((one) => one !== id) : [...ids, id] })
}
</script>

<template>
  <div v-if="others.length" role="group" aria-label="Painted alongside" class="others">
    <button
      v-for="one in others"
      :key="one.id"
      type="button"
      class="one"
      :aria-pressed="one.in"
      :disabled="full && !one.in"
      @mousedown.prevent
      @click="toggle(one.id, one.in)"
    >
      <RotationHead :lane="one.lane" :at-hand="one.in" />
      <span>{{ one.name }}</span>
      <span aria-hidden="true" class="mark">{{ one.in ? '✓' : '+' }}</span>
    </button>
  </div>
</template>

<style scoped>
.others {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 4px 12px;
}
.one {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) 28px;
  gap: 8px;
  align-items: center;
  min-height: 60px;
  padding: 2px 6px;
  border: 1px solid transparent;
  background: transparent;
  color: inherit;
  font: inherit;
  font-size: 1.125rem;
  text-align: left;
}
.one[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--field-high);
}
.mark {
  font-size: 1.375rem;
  text-align: center;
}
</style>
