<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import {
  formatBox,
  formatBoxCsv,
  formatCgats,
  formatCxf,
  formatMeasurementsCsv,
  opaqueReflectance,
} from '../../../core'
import type { Measurement } from '../../../core'
import FoldOut from '../../parts/FoldOut.vue'
import FileButton from '../../parts/field/FileButton.vue'
import { readFile } from '../../parts/files/readFile'
import { fileName, saveFile } from '../../parts/files/saveFile'
import { useProject } from '../../stores/project/project'

/** The box as files: own paints whole, or how all paints look for other programs. */
const store = useProject()
const trouble = ref<string[]>([])
const said = ref('')

const own = () => ({ paints: store.project.box ?? [], bottles: store.project.bottles ?? {} })
const looks = (): Measurement[] =>
  store.paints.map((paint) => ({ name: paint.name, reflectance: opaqueReflectance(paint) }))
const saves = [
  { name: 'My paints (JSON)', needsOwn: true, ending: 'box.json', text: () => formatBox(own()) },
  { name: 'My paints (CSV)', needsOwn: true, ending: 'box.csv', text: () => formatBoxCsv(own()) },
  {
    name: 'Spectra of all (CGATS)',
    needsOwn: false,
    ending: 'txt',
    text: () => formatCgats(looks()),
  },
  {
    name: 'Spectra of all (CxF)',
    needsOwn: false,
    ending: 'cxf',
    text: () => formatCxf(looks(), new Date()),
  },
  {
    name: 'Spectra of all (CSV)',
    needsOwn: false,
    ending: 'csv',
    text: () => formatMeasurementsCsv(looks()),
  },
]
async function open(file: File): Promise<void> {
  const reading = await readFile(file, 'box')
  if (!reading.ok) {
    trouble.value = [
      `“${file.name}” was not opened. Your box is as it was.`,
      ...reading.issues.map(({ place, message }) => `${place}: ${message}`),
    ]
    said.value = ''
    return
  }
  trouble.value = []
  store.addPaints(reading.value.paints, reading.value.bottles)
  said.value = `${reading.value.paints.length} paints were put into the box.`
}
</script>

<template>
  <section aria-label="Box files" class="files">
    <FileButton accept=".json,.csv" @file="open">Open a box file…</FileButton>
    <FoldOut name="Save as a file">
      <div class="files">
        <ElButton
          v-for="{ name, ending, text, needsOwn } in saves"
          :key="name"
          :disabled="needsOwn && !store.project.box?.length"
          @click="saveFile(fileName(`${store.project.name} paints`, ending), text(), 'text/plain')"
        >
          {{ name }}
        </ElButton>
      </div>
    </FoldOut>
    <p v-if="said" role="status">{{ said }}</p>
    <ul v-if="trouble.length" role="alert">
      <li v-for="line in trouble" :key="line">{{ line }}</li>
    </ul>
  </section>
</template>

<style scoped>
.files {
  display: grid;
  gap: 6px;
}
p,
ul {
  margin: 0;
  overflow-wrap: anywhere;
}
</style>
