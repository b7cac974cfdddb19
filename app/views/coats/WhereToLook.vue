<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { lightPlaces, looks, zonesNamed } from '../../../core'
import type { LightPlace, Look } from '../../../core'
import { lightWords, lookWords } from '../../words/coats'
import { useCoats } from '../../stores/coats/coats'

/** Where on the figure one looks, in what light, and with what eye. */
const where = defineModel<LightPlace>({ required: true })
const coats = useCoats()
/** Sides and places of life are asked for only where a coat is kept to one. */
const wheres = computed(() => coats.stack.coats.flatMap(({ place }) => place))
const sided = computed(() => wheres.value.some(({ side }) => side !== undefined))
const downward = computed(() => wheres.value.some(({ down }) => down !== undefined))
const zonesUsed = computed(() => {
  const named = new Set(zonesNamed(wheres.value))
  return coats.zones.filter(({ key }) => named.has(key))
})
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const sideOf = (event: Event): 'left' | 'right' | undefined =>
  (valueOf(event) || undefined) as 'left' | 'right' | undefined
</script>

<template>
  <div class="places" role="group" aria-label="Where one looks">
    <button
      v-for="place in lightPlaces"
      :key="place"
      type="button"
      class="plain"
      :aria-pressed="where === place"
      @click="where = place"
    >
      {{ lightWords[place] }}
    </button>
    <label v-if="sided">
      Side
      <select
        class="text-field"
        :value="coats.spot.side ?? ''"
        @change="coats.spot = { ...coats.spot, side: sideOf($event) }"
      >
        <option value="">middle</option>
        <option value="left">left</option>
        <option value="right">right</option>
      </select>
    </label>
    <ElCheckbox
      v-if="downward"
      :model-value="coats.spot.down ?? false"
      @change="coats.spot = { ...coats.spot, down: Boolean($event) }"
    >
      facing down
    </ElCheckbox>
    <label v-if="zonesUsed.length > 0">
      On
      <select
        class="text-field"
        :value="coats.spot.zone ?? ''"
        @change="coats.spot = { ...coats.spot, zone: valueOf($event) || undefined }"
      >
        <option value="">skin</option>
        <option v-for="{ key, name } in zonesUsed" :key="key" :value="key">{{ name }}</option>
      </select>
    </label>
    <label>
      Seen
      <select v-model="coats.look" class="text-field">
        <option v-for="look in looks" :key="look" :value="look">
          {{ lookWords[look as Look] }}
        </option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.places {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin-bottom: 8px;
}
.places [aria-pressed='true'] {
  font-weight: 700;
  border-color: var(--ink);
}
</style>
