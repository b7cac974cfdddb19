<script setup lang="ts">
import { computed, toRaw } from 'vue'
import { hexOfLab, toneLab } from '../../../core'
import type { HideTone } from '../../../core'
import SliderRow from '../../parts/SliderRow.vue'
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
const bloods = [
  { name: 'red', hue: undefined },
  { name: 'blue', hue: 260 },
  { name: 'green', hue: 140 },
  { name: 'violet', hue: 315 },
  { name: 'amber', hue: 80 },
] as const

const gradients = computed(() =>
  shares.map(({ key }) =>
    [0, 0.25, 0.5, 0.75, 1].map((t) => hexOfLab(toneLab({ ...toRaw(props.tone), [key]: t }))),
  ),
)
function setBlood(event: Event): void {
  const { value } = event.target as HTMLSelectElement
  emit('set', { bloodHue: value === '' ? undefined : Number(value) }, '')
}
</script>

<template>
  <SliderRow
    v-for="({ name, key }, i) in shares"
    :key="key"
    :name="name"
    :words="shareWords(tone[key] ?? 0)"
    :colours="gradients[i]"
    :model-value="tone[key] ?? 0"
    @update:model-value="emit('set', { [key]: $event }, key)"
  />
  <label class="blood">
    Colour of its blood
    <select class="text-field wide" :value="tone.bloodHue ?? ''" @change="setBlood">
      <option v-for="one in bloods" :key="one.name" :value="one.hue ?? ''">{{ one.name }}</option>
    </select>
  </label>
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
</template>

<style scoped></style>
