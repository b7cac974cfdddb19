<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { deltaE00, whoOf } from '../../../core'
import type { LogEntry } from '../../../core'
import InTurn from '../../parts/inTurn'
import PickOne from '../../parts/field/PickOne.vue'
import OffByTime from '../../charts/OffByTime.vue'
import { allPaints } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import LogRow from './LogRow.vue'

/** Mixes that were written down, newest first. */
const store = useProject()
const word = ref('')
const names = computed(() => new Map(allPaints().map(({ id, name }) => [id, name])))
const mixOf = ({ parts }: LogEntry): string =>
  parts.map(({ paint, drops }) => `${drops} ${names.value.get(paint) ?? paint}`).join(' + ')
const all = computed(() => [...store.log].reverse())
const nameOfEntry = computed(() => whoOf(store.project.figures))
/** What the entries of one figure have in common: its id, or the name it had where it was never known. */
const figureIn = ({ figure, who }: LogEntry): string => figure ?? who
const who = ref('')
const figures = computed(() =>
  [...new Map(all.value.map((entry) => [figureIn(entry), nameOfEntry.value(entry)]))].sort(
    ([, one], [, other]) => one.localeCompare(other),
  ),
)
const PAGE = 60
const most = ref(PAGE)
const print = (): void => globalThis.print()
const shown = computed(() => {
  const wanted = word.value.trim().toLowerCase()
  const told = who.value ? all.value.filter((entry) => figureIn(entry) === who.value) : all.value
  if (!wanted) return told
  return told.filter((entry) =>
    `${nameOfEntry.value(entry)} ${entry.what} ${mixOf(entry)} ${entry.at} ${entry.note ?? ''}`
      .toLowerCase()
      .includes(wanted),
  )
})
const page = computed(() => shown.value.slice(0, most.value))
const points = computed(() =>
  store.log.flatMap((entry) => {
    const { real, predicted, at, what } = entry
    return real ? [{ at: new Date(at), off: deltaE00(predicted, real), name: what }] : []
  }),
)
</script>

<template>
  <div class="mixes">
    <p v-if="all.length === 0" class="soft">
      Nothing is written down yet. At the bench, M measures what is in the well and N adds a word;
      both stand here afterwards.
    </p>
    <template v-else>
      <OffByTime :points="points" />
      <div class="tools">
        <PickOne
          v-model="who"
          label="Story of"
          class="who"
          :options="[
            { key: '', name: 'all figures' },
            ...figures.map(([key, name]) => ({ key, name })),
          ]"
        />
        <ElButton @click="print">Print it</ElButton>
        <label class="search">
          Find
          <ElInput v-model="word" type="search" placeholder="figure, paint, word" />
        </label>
      </div>
      <ol>
        <InTurn v-for="entry in page" :key="entry.id">
          <LogRow :entry="entry" :names="names" :who="nameOfEntry(entry)" />
        </InTurn>
      </ol>
      <ElButton v-if="shown.length > page.length" @click="most += PAGE">
        Show {{ Math.min(PAGE, shown.length - page.length) }} more of {{ shown.length }}
      </ElButton>
      <p v-if="shown.length === 0" class="soft">Nothing in the log has “{{ word }}” in it.</p>
    </template>
  </div>
</template>

<style scoped>
.mixes {
  display: grid;
  gap: 10px;
}
.who {
  width: 220px;
}
.search {
  width: min(320px, 100%);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
}
@media print {
  .tools {
    display: none;
  }
}
</style>
