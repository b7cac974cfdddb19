<script setup lang="ts">
import { ElButton, ElInput, ElProgress } from 'element-plus'
import { computed, reactive } from 'vue'
import { useRouter } from 'vue-router'
import { freeId, parseShelfList, recordOf, slugOf } from '../../../../core'
import type { Bottle, ListedBottle, OwnPaint } from '../../../../core'
import FileButton from '../../../parts/field/FileButton.vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useDraft } from '../../../parts/useDraft'
import { useProject } from '../../../stores/project/project'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'

/** A whole shelf at once, from a list: looked over before it is taken. */
const router = useRouter()
const store = useProject()
const list = reactive({ text: '' })
const letGo = useDraft('list of a shelf', list)
const found = computed(() => (list.text.trim() === '' ? undefined : parseShelfList(list.text)))
const bottles = computed(() => (found.value?.ok ? found.value.value : []))

/** So many are done; those that no paint could look like, with why. */
interface Solved {
  done: number
  paints: OwnPaint[]
  refused: string[]
}
const { answer, trouble, busy, ask, stop } = useAnswer<readonly ListedBottle[], Solved>(
  async (listed, { newest, soFar }) => {
    const taken = new Set(store.paints.map(({ id }) => id))
    const solved: Solved = { done: 0, paints: [], refused: [] }
    for (const { name, colour, opacity, pigments } of listed) {
      if (!newest()) break
      const about = { name, pigments: [...pigments] }
      const one = await threads
        .box()
        .solve({ colour, opacity, about, source: 'value', finish: 'matt' })
      if ('trouble' in one) solved.refused.push(`${name}: ${one.trouble}`)
      else {
        const id = freeId(slugOf(name, 'paint'), (other) => taken.has(other))
        taken.add(id)
        solved.paints.push(recordOf({ ...one.paint, ...about, id }))
      }
      solved.done++
      soFar({ ...solved })
    }
    if (solved.refused.length === 0 && newest()) await put(solved.paints)
    return { ...solved }
  },
)
async function put(paints: readonly OwnPaint[]): Promise<void> {
  const owned: Record<string, Bottle> = Object.fromEntries(
    paints.map(({ id }) => [id, { owned: true }]),
  )
  store.addPaints(paints, owned)
  letGo()
  await router.push({ name: 'Box' })
}
async function open(file: File): Promise<void> {
  list.text = await file.text()
}
</script>

<template>
  <section class="shelf" aria-label="A whole shelf">
    <ElInput
      v-model="list.text"
      type="textarea"
      :rows="6"
      aria-label="Bottles, one a line"
      placeholder="harbour clay, #a5694f, opaque, PR101 PW6"
    />
    <p class="row">
      <FileButton accept=".csv,.tsv,.txt,text/csv" @file="open">Open a CSV file…</FileButton>
      <span class="soft">name, colour (#a5694f or L a b), opacity, pigments</span>
    </p>
    <ul v-if="found && !found.ok" role="alert">
      <li v-for="{ place, message } in found.issues" :key="place">{{ place }}: {{ message }}</li>
    </ul>
    <ul v-else-if="bottles.length" class="list" aria-label="Bottles in the list">
      <li v-for="(bottle, i) in bottles" :key="i">
        <ColourPatch :lab="bottle.colour" class="swatch" />
        <span
          ><b>{{ bottle.name }}</b> {{ bottle.opacity
          }}<template v-if="bottle.pigments.length">
            · {{ bottle.pigments.join(' ') }}</template
          ></span
        >
      </li>
    </ul>
    <template v-if="answer && answer.refused.length > 0 && !busy">
      <ul role="alert">
        <li v-for="line in answer.refused" :key="line">{{ line }}</li>
      </ul>
      <ElButton v-if="answer.paints.length" @click="put(answer.paints)">
        Put the other {{ answer.paints.length }} in the box
      </ElButton>
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-if="busy" role="status" class="row">
      <ElProgress
        class="bar"
        :percentage="Math.round((100 * (answer?.done ?? 0)) / Math.max(1, bottles.length))"
        aria-label="Bottles worked out"
      />
      {{ answer?.done ?? 0 }} of {{ bottles.length }}
      <ElButton @click="stop">Stop</ElButton>
    </p>
    <ElButton v-else type="primary" :disabled="bottles.length === 0" @click="ask(bottles)">
      Put {{ bottles.length || '' }} in the box
    </ElButton>
  </section>
</template>

<style scoped>
.shelf {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  margin: 0;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 4px;
}
.list {
  width: 100%;
  grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
  max-height: 320px;
  overflow: auto;
}
.list li {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.9375rem;
}
.swatch {
  width: 40px;
  height: 28px;
  flex: none;
}
</style>
