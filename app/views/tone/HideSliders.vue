<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { hexOfLab, toneLab } from '../../../core'
import type { HideTone } from '../../../core'
import PickOne from '../../parts/field/PickOne.vue'
import InTurn from '../../parts/inTurn'
import SliderRow from '../../parts/field/SliderRow.vue'
import { shareWords } from './words'

/** What runs under a hide, and how far belly and back are from it. */
const props = defineProps<{ tone: HideTone }>()
const emit = defineEmits<{ set: [change: Partial<HideTone>, tag: string] }>()

const shares = [
  { name: 'Blood', key: 'blood' },
  { name: 'Bile', key: 'bile' },
  { name: 'Pallor', key: 'pallor' },
] as const
const shifts = [
  { name: 'Belly lighter by', key: 'belly', usual: 10 },
  { name: 'Back darker by', key: 'back', usual: 8 },
] as const
/** Red blood is the usual, whatever hue it has. */
const RED = -1
const bloods = [
  { name: 'red', key: RED },
  { name: 'blue', key: 260 },
  { name: 'green', key: 140 },
  { name: 'violet', key: 315 },
  { name: 'amber', key: 80 },
]

const gradients = computed(() =>
  shares.map(({ key }) =>
    [0, 0.25, 0.5, 0.75, 1].map((t) => hexOfLab(toneLab({ ...toRaw(props.tone), [key]: t }))),
  ),
)
</script>

<template>
  <InTurn>
    <SliderRow
      v-for="({ name, key }, i) in shares"
      :key="key"
      :name="name"
      :words="shareWords(tone[key] ?? 0)"
      :colours="gradients[i]"
      :model-value="tone[key] ?? 0"
      @update:model-value="emit('set', { [key]: $event }, key)"
    />
    <PickOne
      label="Colour of its blood"
      :options="bloods"
      :model-value="tone.bloodHue ?? RED"
      @update:model-value="emit('set', { bloodHue: $event === RED ? undefined : $event }, '')"
    />
    <SliderRow
      v-for="{ name, key, usual } in shifts"
      :key="key"
      :name="name"
      :words="`${(tone[key] ?? usual).toFixed(0)} L*`"
      :max="40"
      :step="1"
      :model-value="tone[key] ?? usual"
      @update:model-value="emit('set', { [key]: $event }, key)"
    />
  </InTurn>
</template>

<style scoped></style>
