<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { labOf, parseColour } from '../../../../core'
import type { Measurement, ReaderSample, SwatchReading } from '../../../../core'
import FileButton from '../../../parts/field/FileButton.vue'
import PickOne from '../../../parts/field/PickOne.vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useReadingsFile } from '../../../parts/files/useReadingsFile'
import ColourFromPicture from '../../../parts/picture/ColourFromPicture.vue'
import { useReader } from '../../../stores/reader'

/** One swatch to be read: by the reader, from a file, or as a colour in numbers. */
const props = defineProps<{ name: string; sample: ReaderSample }>()
const reading = defineModel<SwatchReading | undefined>()
const reader = useReader()
const text = ref('')
const { trouble, choices, open: opened } = useReadingsFile()
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
async function open(file: File): Promise<void> {
  const found = await opened(file)
  if (found.length === 1) take(found[0]!)
}
</script>

<template>
  <fieldset class="slot">
    <legend>{{ name }}</legend>
    <ColourPatch v-if="lab" :lab="lab" class="swatch" :label="`${name}, as read`" />
    <div v-else class="swatch empty">not read yet</div>
    <div class="ways">
      <ElButton v-if="reader.offered" :disabled="reader.busy" @click="read">Read</ElButton>
      <FileButton @file="open">From a file…</FileButton>
      <ElInput
        v-model="text"
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
    <PickOne
      v-if="choices.length > 1"
      :label="`Reading for ${name}`"
      bare
      :options="[
        { key: -1, name: 'choose a reading' },
        ...choices.map((one, key) => ({ key, name: one.name })),
      ]"
      :model-value="-1"
      @update:model-value="choices[$event] && take(choices[$event])"
    />
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
  font-size: 0.875rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
p {
  margin: 0;
  font-size: 0.875rem;
}
</style>
