<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
import { longest } from '../../../core'
import LadderStrips from '../../parts/LadderStrips.vue'
import type { Summary } from '../../vault/summaries'
import { manyWords, whenWords } from '../../words/counts'

/** One commission: the ladders of its figures, its name, and what can be done with it. */
const props = defineProps<{
  summary: Summary
  now: number
  /** Its name and ladders only, for the first moment. */
  bare?: boolean
}>()
const emit = defineEmits<{
  rename: [name: string]
  duplicate: []
  takeAway: []
  archive: [away: boolean]
  remove: []
  bringBack: []
  purge: []
}>()
const pieces = computed(() => props.summary.figures.reduce((sum, { many }) => sum + many, 0))
/** What the strips are: as they would be painted once that is known. */
function shownAs(figures: Summary['figures']): string {
  const strips = figures.filter(({ strip }) => strip)
  const of = (what: 'mixes' | 'coats' | undefined): number =>
    strips.filter((one) => one.of === what).length
  if (strips.length === 0) return ''
  if (of('coats') === strips.length) return ' · shown in their coats'
  if (of(undefined) > 0) return ' · shown as they are aimed at'
  return of('coats') > 0
    ? ` · shown as they are mixed, ${of('coats')} in ${of('coats') === 1 ? 'its' : 'their'} coats`
    : ' · shown as they are mixed'
}
const about = computed(() => {
  const { figures, touchedAt, broken } = props.summary
  if (broken) return `cannot be read (${broken}); it is kept as it is`
  const kinds =
    pieces.value === figures.length
      ? manyWords(figures.length, 'figure', 'figures')
      : `${manyWords(pieces.value, 'piece', 'pieces')}, ${manyWords(figures.length, 'kind', 'kinds')}`
  return `${kinds} · touched ${whenWords(touchedAt, props.now)}${shownAs(figures)}`
})
const names = computed(() => {
  const all = props.summary.figures.map(({ name, many }) => {
    const short = name.split(',')[0]!
    return many > 1 ? `${short} × ${many}` : short
  })
  return all.length > 9 ? [...all.slice(0, 8), `${all.length - 8} more`] : all
})
const first = computed(() => (props.summary.figures.length > 0 ? 'Ladder' : 'Figures'))

const naming = ref(false)
const name = ref('')
const field = ref<InstanceType<typeof ElInput>>()
async function rename(): Promise<void> {
  name.value = props.summary.name
  naming.value = true
  await nextTick()
  field.value?.select()
}
function keep(): void {
  if (!naming.value) return
  naming.value = false
  if (name.value.trim() && name.value.trim() !== props.summary.name) emit('rename', name.value)
}
</script>

<template>
  <li class="row">
    <RouterLink
      v-if="!summary.broken && !summary.deletedAt"
      :to="{ name: first, params: { commission: summary.id } }"
      class="strip"
      :aria-label="`Open ${summary.name}`"
    >
      <LadderStrips v-if="summary.figures.length" :figures="summary.figures" />
      <span v-else class="none">no figure yet: open it to add one</span>
    </RouterLink>
    <span v-else class="strip low"><LadderStrips :figures="summary.figures" /></span>
    <div class="line">
      <form v-if="naming" @submit.prevent="keep">
        <ElInput
          ref="field"
          v-model="name"
          :maxlength="longest.name"
          aria-label="Name of the commission"
          @blur="keep"
          @keydown.esc="naming = false"
        />
      </form>
      <h2 v-else>{{ summary.name }}</h2>
      <span class="soft about">{{ about }}</span>
      <span v-if="!bare" class="tools">
        <template v-if="summary.deletedAt">
          <ElButton text @click="emit('bringBack')">Bring back</ElButton>
          <ElButton text @click="emit('purge')">Delete for good</ElButton>
        </template>
        <template v-else>
          <ElButton v-if="!summary.broken" text @click="rename">Rename</ElButton>
          <ElButton v-if="!summary.broken" text @click="emit('duplicate')">Make another</ElButton>
          <ElButton v-if="!summary.broken" text @click="emit('takeAway')">Save as a file</ElButton>
          <ElButton text @click="emit('archive', !summary.archivedAt)">
            {{ summary.archivedAt ? 'Back on the shelf' : 'Archive' }}
          </ElButton>
          <ElButton text @click="emit('remove')">Delete</ElButton>
        </template>
      </span>
    </div>
    <p v-if="names.length" class="soft names">{{ names.join(' · ') }}</p>
  </li>
</template>

<style scoped>
.row {
  content-visibility: auto;
  contain-intrinsic-size: auto 168px;
  padding-bottom: 16px;
}
.strip {
  display: block;
  height: 84px;
  color: inherit;
  text-decoration: none;
  background: var(--field-low);
}
.strip.low {
  height: 26px;
}
.none {
  display: grid;
  place-content: center;
  height: 100%;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 14px;
  padding-top: 4px;
}
h2 {
  font-size: 1.3125rem;
  overflow-wrap: anywhere;
}
.about {
  flex: 1 1 220px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
}
.names {
  margin: 0;
  font-size: 0.875rem;
}
</style>
