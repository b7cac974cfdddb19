<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { lightPlaces, looks, zonesNamed } from '../../../core'
import type { LightPlace } from '../../../core'
import PickOne from '../../parts/field/PickOne.vue'
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
const sides = [
  { key: '', name: 'middle' },
  { key: 'left', name: 'left' },
  { key: 'right', name: 'right' },
] as const
</script>

<template>
  <div class="places" role="group" aria-label="Where one looks">
    <ElButton
      v-for="place in lightPlaces"
      :key="place"
      :aria-pressed="where === place"
      @click="where = place"
    >
      {{ lightWords[place] }}
    </ElButton>
    <PickOne
      v-if="sided"
      label="Side"
      :options="sides"
      :model-value="coats.spot.side ?? ''"
      @update:model-value="coats.spot = { ...coats.spot, side: $event || undefined }"
    />
    <ElCheckbox
      v-if="downward"
      :model-value="coats.spot.down ?? false"
      @change="coats.spot = { ...coats.spot, down: Boolean($event) }"
    >
      facing down
    </ElCheckbox>
    <PickOne
      v-if="zonesUsed.length > 0"
      label="On"
      :options="[{ key: '', name: 'skin' }, ...zonesUsed]"
      :model-value="coats.spot.zone ?? ''"
      @update:model-value="coats.spot = { ...coats.spot, zone: $event || undefined }"
    />
    <PickOne
      v-model="coats.look"
      label="Seen"
      :options="looks.map((key) => ({ key, name: lookWords[key] }))"
    />
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
.pick {
  width: 132px;
}
.places [aria-pressed='true'] {
  font-weight: 700;
  border-color: var(--ink);
}
</style>
