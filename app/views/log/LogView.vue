<script setup lang="ts">
import { computed, ref } from 'vue'
import { deltaE00 } from '../../../core'
import type { LogEntry } from '../../../core'
import OffByTime from '../../charts/OffByTime.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import SideLayout from '../../parts/SideLayout.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { allPaints } from '../../stores/paints'
import { useProject } from '../../stores/project'
import TeachBox from './TeachBox.vue'

/** What was predicted and what came out, as split swatches; newest first. */
const store = useProject()
const word = ref('')
const names = computed(() => new Map(allPaints().map(({ id, name }) => [id, name])))
const mixOf = ({ parts }: LogEntry): string =>
  parts.map(({ paint, drops }) => `${drops} ${names.value.get(paint) ?? paint}`).join(' + ')
const offOf = ({ predicted, real }: LogEntry): number | undefined =>
  real && deltaE00(predicted, real)
const all = computed(() => [...(store.project.log ?? [])].reverse())
const shown = computed(() => {
  const wanted = word.value.trim().toLowerCase()
  if (!wanted) return all.value
  return all.value.filter((entry) =>
    `${entry.figure} ${entry.what} ${mixOf(entry)} ${entry.at} ${entry.note ?? ''}`
      .toLowerCase()
      .includes(wanted),
  )
})
const points = computed(() =>
  (store.project.log ?? []).flatMap((entry) => {
    const off = offOf(entry)
    return off === undefined ? [] : [{ at: new Date(entry.at), off, name: entry.what }]
  }),
)
const dated = (entry: LogEntry): string =>
  new Date(entry.at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })
</script>

<template>
  <main class="view">
    <ViewHead title="Log" :note="`${all.length} mixes written down`" />
    <SideLayout :side="300">
      <p v-if="all.length === 0" class="soft">
        Nothing is written down yet. At the bench, M measures what is in the well and N adds a word;
        both stand here afterwards.
      </p>
      <template v-else>
        <OffByTime :points="points" />
        <label class="search">
          Find
          <input
            v-model="word"
            class="text-field"
            type="search"
            placeholder="figure, paint, word"
          />
        </label>
        <ol>
          <li v-for="entry in shown" :key="entry.id">
            <span class="split">
              <ColourPatch :lab="entry.predicted" label="Predicted" />
              <ColourPatch v-if="entry.real" :lab="entry.real" label="Came out" />
            </span>
            <div>
              <b>{{ entry.what }}</b>
              <span class="soft who">{{ entry.figure }} · {{ dated(entry) }}</span>
              <span class="mix">{{ mixOf(entry) }}</span>
              <span v-if="entry.note">“{{ entry.note }}”</span>
            </div>
            <span class="numbers">
              {{
                offOf(entry) === undefined ? 'not measured' : `off by ${offOf(entry)!.toFixed(1)}`
              }}
            </span>
            <button
              type="button"
              class="plain"
              :aria-label="`Strike out ${entry.what}`"
              @click="store.dropFromLog(entry.id)"
            >
              Strike out
            </button>
          </li>
        </ol>
        <p v-if="shown.length === 0" class="soft">Nothing in the log has “{{ word }}” in it.</p>
      </template>
      <template #side><TeachBox /></template>
    </SideLayout>
  </main>
</template>

<style scoped>
.search input {
  display: block;
  width: min(320px, 100%);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 108px minmax(0, 1fr) auto auto;
  gap: 14px;
  align-items: center;
  border-top: 1px solid var(--field-low);
  padding: 6px 0;
  font-size: 15px;
}
.split {
  display: flex;
  height: 48px;
}
.split > * {
  flex: 1;
}
.mix {
  display: block;
}
.who {
  margin-left: 10px;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 80px minmax(0, 1fr);
  }
}
</style>
