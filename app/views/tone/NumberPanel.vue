<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { deltaE00, fitSkin, labOf, lchOf, parseColour, toneLab } from '../../../core'
import type { Lab, Measurement } from '../../../core'
import FileButton from '../../parts/field/FileButton.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import { readFile } from '../../parts/files/readFile'
import { useProject } from '../../stores/project/project'

/** A tone written as numbers, or read from an instrument's file. */
const store = useProject()
const text = ref('')
const readings = ref<Measurement[]>([])
const notes = ref<string[]>([])
const fileTrouble = ref<string[]>([])
const first = computed(() => store.figure.name.split(',')[0])

/** Readings and numbers under another light than D65 are told by their reflectance only. */
function labOfReading({ reflectance, lab }: Measurement): Lab | undefined {
  if (reflectance) return labOf(reflectance)
  return lab?.white === 'D65/2' ? lab : undefined
}
const typed = computed<{ lab?: Lab; trouble: string }>(() => {
  if (text.value.trim() === '') return { trouble: '' }
  try {
    return { lab: parseColour(text.value), trouble: '' }
  } catch (error) {
    return { trouble: (error as Error).message }
  }
})
const chosen = ref<Lab>()
const lab = computed(() => typed.value.lab ?? chosen.value)
const lch = computed(() => lab.value && lchOf(lab.value))
const skin = computed(() => {
  if (!lab.value) return undefined
  const { skin } = fitSkin([lab.value])
  return {
    skin,
    off: deltaE00(toneLab({ kind: 'skin', ...skin }), { ...lab.value, white: 'D65/2' }),
  }
})

const trouble = ref('')
function use(kind: 'hide' | 'skin'): void {
  if (!lab.value || !skin.value) return
  try {
    const { L, a, b } = lab.value
    const tone =
      kind === 'skin'
        ? ({ kind, ...skin.value.skin } as const)
        : ({ kind, lab: { L, a, b } } as const)
    toneLab(tone)
    store.setTone(tone)
    trouble.value = ''
  } catch (error) {
    trouble.value = `This was not taken: ${(error as Error).message}.`
  }
}
async function open(file: File): Promise<void> {
  const reading = await readFile(file, 'cgats')
  if (reading.ok) {
    readings.value = reading.value.measurements
    notes.value = reading.value.notes
    fileTrouble.value = []
  } else
    fileTrouble.value = reading.issues.map(
      ({ place, message }) => `${file.name}, ${place}: ${message}`,
    )
}
function choose(one: Measurement): void {
  text.value = ''
  chosen.value = labOfReading(one)
  trouble.value = chosen.value
    ? ''
    : `“${one.name}” is a Lab under ${one.lab?.white}, and without a spectrum it cannot be told under D65.`
}
</script>

<template>
  <section class="panel" aria-label="By number">
    <label>
      A colour in numbers
      <ElInput
        v-model="text"
        type="text"
        spellcheck="false"
        autocomplete="off"
        aria-describedby="number-help"
        :aria-invalid="typed.trouble !== ''"
      />
    </label>
    <p id="number-help" class="soft">
      L* a* b* as <b>61 14 17</b>, lightness chroma hue as <b>lch 61 22 50</b>, or screen hex as
      <b>#b87a5e</b>. Lab is D65, 2°.
    </p>
    <p v-if="typed.trouble" role="alert">{{ typed.trouble }}</p>
    <div class="file">
      <FileButton accept=".txt,.cgats,.cie,.it8,.ti3" @file="open">
        Readings from a CGATS file…
      </FileButton>
    </div>
    <ul v-if="fileTrouble.length" role="alert">
      <li v-for="line in fileTrouble" :key="line">{{ line }}</li>
    </ul>
    <p v-for="note in notes" :key="note" class="soft">Note: {{ note }}.</p>
    <div v-if="readings.length" class="readings" role="group" aria-label="Readings">
      <ElButton v-for="(one, i) in readings.slice(0, 60)" :key="i" @click="choose(one)">
        {{ one.name }}
      </ElButton>
      <p v-if="readings.length > 60" class="soft">
        and {{ readings.length - 60 }} more; only the first 60 are shown.
      </p>
    </div>
    <template v-if="lab && lch && skin">
      <div class="result">
        <ColourPatch :lab="lab" class="swatch" label="The colour in numbers" />
        <ColourPatch
          :lab="toneLab({ kind: 'skin', ...skin.skin })"
          class="swatch"
          label="The nearest skin"
        />
      </div>
      <p>
        Left as written: L* {{ lab.L.toFixed(1) }}, a* {{ lab.a.toFixed(1) }}, b*
        {{ lab.b.toFixed(1) }}; chroma {{ lch.C.toFixed(1) }}, hue {{ lch.h.toFixed(0) }}°. Right
        the nearest skin, off by {{ skin.off.toFixed(1) }}.
      </p>
      <div class="file">
        <ElButton type="primary" @click="use('hide')"> Aim {{ first }} at this colour </ElButton>
        <ElButton @click="use('skin')">Use the nearest skin</ElButton>
      </div>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 8px;
  max-width: 640px;
}
p {
  margin: 0;
}
input[type='text'] {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 0 12px;
  font-size: 1.25rem;
  background: var(--field-high);
  border: 1px solid var(--line);
  border-radius: 3px;
}
.result {
  display: flex;
  margin-top: 8px;
}
.swatch {
  flex: 1;
  height: 120px;
}
.file,
.readings {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
