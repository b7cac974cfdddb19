<script setup lang="ts">
import { computed, ref } from 'vue'
import { labOf, parseColour, readMeasurements } from '../../../../core'
import type { Measurement, ReaderSample, SwatchReading } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import ColourFromPicture from '../../../parts/picture/ColourFromPicture.vue'
import { useReader } from '../../../stores/reader'

/** One swatch to be read: by the reader, from a file, or as a colour in numbers. */
const props = defineProps<{ name: string; sample: ReaderSample }>()
const reading = defineModel<SwatchReading | undefined>()
const reader = useReader()
const text = ref('')
const trouble = ref('')
const input = ref<HTMLInputElement>()
const choices = ref<Measurement[]>([])
const lab = computed(
  () =>
    reading.value &&
    (reading.value.reflectance ? labOf(reading.value.reflectance) : reading.value.lab),
)

async function read(): Promise<void> {
  const measured = await reader.measure(props.sample)
  if (measured?.reflectance) reading.value = { reflectance: measured.reflectance }
}
function type(): void {
  try {
    reading.value = { lab: parseColour(text.value), source: 'value' }
    trouble.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
function take(one: Measurement): void {
  if (one.reflectance) reading.value = { reflectance: one.reflectance }
  else if (one.lab?.white === 'D65/2') reading.value = { lab: one.lab }
  else
    trouble.value = `“${one.name}” is a Lab under ${one.lab?.white}; a spectrum or D65, 2° is needed`
}
async function open(): Promise<void> {
  const file = input.value?.files?.[0]
  if (!file) return
  const found = readMeasurements(await file.text())
  input.value!.value = ''
  trouble.value = found.ok
    ? found.value.notes.join('; ')
    : `“${file.name}”, ${found.issues.map(({ place, message }) => `${place}: ${message}`).join('; ')}`
  choices.value = found.ok ? found.value.measurements : []
  if (choices.value.length === 1) take(choices.value[0]!)
}
</script>

<template>
  <fieldset class="slot">
    <legend>{{ name }}</legend>
    <ColourPatch v-if="lab" :lab="lab" class="swatch" :label="`${name}, as read`" />
    <div v-else class="swatch empty">not read yet</div>
    <div class="ways">
      <button type="button" class="plain" :disabled="reader.busy" @click="read">Read</button>
      <button type="button" class="plain" @click="input?.click()">From a file…</button>
      <input
        ref="input"
        type="file"
        class="unseen"
        :aria-label="`File for ${name}`"
        tabindex="-1"
        @change="open"
      />
      <input
        v-model="text"
        class="text-field"
        type="text"
        :aria-label="`Colour of ${name}`"
        placeholder="#b87a5e or 61 14 17"
        @change="type"
      />
      <ColourFromPicture
        :what="name.toLowerCase()"
        @pick="(lab, source) => (reading = { lab, source })"
      />
    </div>
    <select
      v-if="choices.length > 1"
      class="text-field"
      :aria-label="`Reading for ${name}`"
      @change="take(choices[Number(($event.target as HTMLSelectElement).value)]!)"
    >
      <option value="">choose a reading</option>
      <option v-for="(one, i) in choices" :key="i" :value="i">{{ one.name }}</option>
    </select>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </fieldset>
</template>

<style scoped>
.slot {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
  display: grid;
  gap: 6px;
}
legend {
  font-weight: 700;
  padding: 0 0 4px;
}
.swatch {
  height: 84px;
}
.empty {
  display: grid;
  place-content: center;
  border: 2px dashed var(--line);
  font-size: 14px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.ways .text-field {
  flex: 1 1 130px;
  min-width: 0;
}
p {
  margin: 0;
  font-size: 14px;
}
</style>
