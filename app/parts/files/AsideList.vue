<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton } from 'element-plus'
import { onMounted, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { salvageProject } from '../../../core'
import { newId } from '../../vault/newId'
import { dropAside, listAside, readAside } from '../../vault/aside'
import type { Aside } from '../../vault/aside'
import { starterIds } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { useShelf } from '../../stores/shelf/shelf'
import { manyWords, whenWords } from '../../words/counts'
import { differenceWords } from '../../words/differences'
import { fileName, saveFile } from './saveFile'

/** Work that was put aside unchanged: what it is, how it differs from what stands, and what becomes of it. */
const emit = defineEmits<{ left: [many: number]; taken: [] }>()
const store = useProject()
const shelf = useShelf()
const router = useRouter()
const now = Date.now()

interface Row extends Aside {
  /** The name of the commission in it, where it can be read. */
  title?: string
  kilobytes: number
  lines?: string[]
}
const rows = shallowRef<Row[]>([])
const trouble = shallowRef('')

const textOf = async ({ name }: Aside): Promise<string> => (await readAside(name)) ?? ''
const projectIn = (text: string) => salvageProject(text, starterIds, newId()).project

async function look(): Promise<void> {
  const found: Row[] = []
  for (const one of (await listAside()).reverse()) {
    const text = await textOf(one)
    found.push({ ...one, title: projectIn(text)?.name, kilobytes: Math.ceil(text.length / 1024) })
  }
  rows.value = found
  emit('left', found.length)
}
const act = (work: Promise<unknown>): void =>
  void work.catch((error: unknown) => {
    trouble.value = `That was not done: ${failureWords(error)}.`
  })
onMounted(() => act(look()))

async function compare(row: Row): Promise<void> {
  const there = projectIn(await textOf(row))
  const here =
    store.project.id === row.of
      ? store.project
      : await shelf.projectOf(row.of).catch(() => store.project)
  const lines = there ? differenceWords(here, { ...there, id: here.id }) : []
  rows.value = rows.value.map((one) => (one.name === row.name ? { ...one, lines } : one))
}
async function takeBack(row: Row): Promise<void> {
  const project = projectIn(await textOf(row))
  if (!project) throw new Error('nothing of it can be read; save it as a file')
  const id = await shelf.add({ ...project, id: newId() })
  emit('taken')
  await router.push({ name: 'Figures', params: { commission: id } })
}
const save = async (row: Row): Promise<void> =>
  saveFile(fileName(row.name, 'json'), await textOf(row), 'application/json')
async function remove(row: Row): Promise<void> {
  const { sure } = await import('../../messages/say')
  const what = `What was put aside ${whenWords(row.at, now)} leaves this browser. This cannot be undone.`
  if (!(await sure(what, 'Delete it for good?', 'Delete for good'))) return
  await dropAside(row.name)
  await look()
}
</script>

<template>
  <p v-if="trouble" role="alert">{{ trouble }}</p>
  <p v-if="rows.length === 0" class="soft">Nothing is put aside.</p>
  <ul class="aside">
    <li v-for="row in rows" :key="row.name">
      <p>
        <b>{{ row.title ?? 'cannot be read' }}</b>
        <span class="soft">
          {{ whenWords(row.at, now) }} · {{ row.kilobytes }} kB
          <template v-if="row.of.includes(' ')">· {{ row.of }}</template>
        </span>
      </p>
      <div class="ways">
        <ElButton v-if="row.title" @click="act(compare(row))">Compare</ElButton>
        <ElButton v-if="row.title" @click="act(takeBack(row))">
          Take back as a commission of its own
        </ElButton>
        <ElButton @click="act(save(row))">Save as a file</ElButton>
        <ElButton @click="act(remove(row))">Delete</ElButton>
      </div>
      <div v-if="row.lines" role="status" class="compared">
        <p v-if="row.lines.length === 0">It is the same as what stands.</p>
        <template v-else>
          <p>{{ manyWords(row.lines.length, 'thing differs', 'things differ') }}:</p>
          <ul class="lines">
            <li v-for="line in row.lines.slice(0, 30)" :key="line">{{ line }}</li>
            <li v-if="row.lines.length > 30">and {{ row.lines.length - 30 }} more</li>
          </ul>
        </template>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.aside {
  list-style: none;
  margin: 0;
  padding: 0;
}
.aside > li {
  padding: 10px 0;
  border-top: 1px solid var(--line);
}
p {
  margin: 0 0 6px;
  overflow-wrap: anywhere;
}
.soft {
  margin-left: 8px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.ways :deep(.el-button) {
  margin: 0;
}

.compared {
  margin-top: 10px;
}
.compared > p::first-letter {
  text-transform: uppercase;
}
.lines {
  margin: 0;
  max-height: 200px;
  overflow: auto;
}
</style>
