<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { ref } from 'vue'
import { formatTones, toneLab } from '../../../core'
import type { KeptTone } from '../../../core'
import FileButton from '../../parts/field/FileButton.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import { readFile } from '../../parts/files/readFile'
import { fileName, saveFile } from '../../parts/files/saveFile'
import { useProject } from '../../stores/project/project'
import { vTip } from '../../parts/tip/tip'

/** Tones put by under a name: used on any figure, taken away as a file, brought back. */
const store = useProject()
const name = ref('')
const trouble = ref('')

function keep(): void {
  const kept = name.value.trim() || `${store.figure.name}, ${store.figure.note}`.slice(0, 80)
  store.keepTones([{ name: kept, tone: store.figure.tone }])
  name.value = ''
}
const save = (): void =>
  saveFile(
    fileName(`${store.project.name} tones`, 'tones.json'),
    formatTones(store.project.tones as KeptTone[]),
    'application/json',
  )

async function open(file: File): Promise<void> {
  const reading = await readFile(file, 'tones')
  trouble.value = reading.ok
    ? ''
    : `“${file.name}” was not opened. ${reading.issues.map(({ place, message }) => `${place}: ${message}`).join('; ')}`
  if (reading.ok) store.keepTones(reading.value)
}
</script>

<template>
  <section aria-labelledby="kept">
    <h2 id="kept">Kept tones</h2>
    <ul v-if="store.project.tones?.length">
      <li v-for="{ name: kept, tone } in store.project.tones" :key="kept">
        <button
          v-tip="`Use on ${store.figure.name}`"
          type="button"
          class="use"
          @click="store.setTone({ ...tone })"
        >
          <ColourPatch :lab="toneLab(tone)" class="swatch" />
          <span>{{ kept }}</span>
        </button>
        <ElButton class="drop" :aria-label="`Let go of ${kept}`" @click="store.dropTone(kept)">
          ×
        </ElButton>
      </li>
    </ul>
    <form @submit.prevent="keep">
      <ElInput
        v-model="name"
        maxlength="80"
        aria-label="Name of the tone"
        :placeholder="store.figure.note"
      />
      <ElButton native-type="submit">Keep</ElButton>
    </form>
    <div class="files">
      <ElButton :disabled="!store.project.tones?.length" @click="save"> Save to a file </ElButton>
      <FileButton accept=".json" @file="open">Open a file…</FileButton>
    </div>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
li,
form,
.files {
  display: flex;
  gap: 6px;
  align-items: center;
}
form,
.files {
  margin-top: 6px;
}
.use {
  flex: 1;
  min-width: 0;
  display: flex;
  gap: 8px;
  align-items: center;
  border: 0;
  padding: 2px 0;
  background: transparent;
  text-align: left;
  font-size: 0.875rem;
}
.swatch {
  flex: 0 0 44px;
  height: 28px;
}
.drop {
  padding: 0 10px;
  min-height: 28px;
  border-color: transparent;
}
form input {
  flex: 1;
  min-width: 0;
  min-height: 36px;
  background: var(--field-high);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 0 8px;
}
form input::placeholder {
  color: var(--ink-soft);
}
.files .plain {
  font-size: 0.875rem;
}
p {
  margin: 6px 0 0;
  font-size: 0.875rem;
}
</style>
