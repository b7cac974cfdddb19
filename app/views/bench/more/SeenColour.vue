<script setup lang="ts">
import { ElButton, ElInput, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { labOf, parseColour } from '../../../../core'
import type {
  BottleDrops,
  ColourSource,
  Lab,
  LogEntry,
  Measurement,
  ReadBy,
} from '../../../../core'
import EyeCompare from '../../../parts/EyeCompare.vue'
import FileButton from '../../../parts/field/FileButton.vue'
import PickOne from '../../../parts/field/PickOne.vue'
import { useReadingsFile } from '../../../parts/files/useReadingsFile'
import ColourFromPicture from '../../../parts/picture/ColourFromPicture.vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useReader } from '../../../stores/reader'
import { readByWords } from '../../../words/readBy'

/** What a dry mix looks like, by eye or by whatever is at hand, with where that comes from. */
type Seen = Pick<LogEntry, 'real' | 'reflectance' | 'readBy'>
const props = defineProps<{ predicted: Lab; bottles: () => BottleDrops[] }>()
const seen = defineModel<Seen>()
const emit = defineEmits<{ refused: [why: string] }>()
const reader = useReader()
const way = ref<'eye' | 'numbers' | 'picture' | 'file' | 'reader'>('eye')
const ways = computed(() => [
  { key: 'eye' as const, name: 'By eye' },
  { key: 'numbers' as const, name: 'In numbers' },
  { key: 'picture' as const, name: 'Off a photograph' },
  { key: 'file' as const, name: 'From a reader’s file' },
  ...(reader.offered ? [{ key: 'reader' as const, name: 'With the reader' }] : []),
])
const plain = ({ L, a, b }: Lab): Lab => ({ L, a, b })

const byEye = computed({
  get: () => (seen.value?.readBy === 'eye' ? seen.value.real : undefined),
  set: (real) => (seen.value = real && { real, readBy: 'eye' }),
})
const numbers = ref('')
const from = ref<ColourSource>('value')
const sources = (['value', 'photograph', 'photograph without grey'] as const).map((key) => ({
  key,
  name: readByWords[key],
}))
function typed(): void {
  const given = numbers.value.trim()
  emit('refused', '')
  if (given === '') return void (seen.value = undefined)
  try {
    seen.value = { real: plain(parseColour(given)), readBy: from.value }
  } catch (error) {
    seen.value = undefined
    emit('refused', (error as Error).message)
  }
}
watch([numbers, from], typed)

function take({ name, reflectance, lab }: Measurement, readBy: ReadBy): void {
  if (reflectance)
    seen.value = {
      real: plain(labOf(reflectance)),
      reflectance: [...reflectance],
      readBy,
    }
  else if (lab?.white === 'D65/2') seen.value = { real: plain(lab), readBy: 'value' }
  else emit('refused', `“${name}” is no spectrum and no Lab under D65, 2°; one of them is needed`)
}
const { trouble, choices, open: opened } = useReadingsFile()
const chosen = ref(0)
async function open(file: File): Promise<void> {
  const [first] = await opened(file)
  chosen.value = 0
  emit('refused', first ? '' : trouble.value)
  if (first) take(first, 'reader')
}
function choose(at: number): void {
  chosen.value = at
  emit('refused', '')
  take(choices.value[at]!, 'reader')
}

async function read(): Promise<void> {
  if (reader.status === 'unknown') await reader.connect()
  if (reader.status === 'uncalibrated') await reader.calibrate()
  const reading = await reader.measure({ kind: 'mix', parts: props.bottles() })
  if (!reading?.reflectance) return emit('refused', reader.trouble)
  take(reading, reader.readBy)
}
</script>

<template>
  <div class="seen">
    <ElRadioGroup v-model="way" aria-label="How it is seen">
      <ElRadioButton v-for="{ key, name } in ways" :key="key" :value="key">{{
        name
      }}</ElRadioButton>
    </ElRadioGroup>
    <EyeCompare v-if="way === 'eye'" v-model="byEye" :predicted="predicted" />
    <template v-else-if="way === 'numbers'">
      <label>
        Its colour, hex or L a b
        <ElInput v-model="numbers" placeholder="61 14 17" />
      </label>
      <PickOne v-model="from" label="Where it comes from" class="from" :options="sources" />
    </template>
    <ColourFromPicture
      v-else-if="way === 'picture'"
      what="the dab"
      @pick="(lab, readBy) => (seen = { real: plain(lab), readBy })"
    />
    <template v-else-if="way === 'file'">
      <FileButton @file="open">A file of readings (CGATS, CxF, CSV)…</FileButton>
      <PickOne
        v-if="choices.length > 1"
        label="Which reading"
        :options="choices.map(({ name }, key) => ({ key, name }))"
        :model-value="chosen"
        @update:model-value="choose"
      />
      <p v-if="choices.length > 0 && trouble" class="soft">{{ trouble }}</p>
    </template>
    <template v-else>
      <ElButton :disabled="reader.busy" @click="read">Read it with the {{ reader.name }}</ElButton>
      <p v-if="reader.readBy === 'stand-in'" class="soft">
        A stand-in makes its readings up, from bottles of its own. They are marked so, and teach
        nothing of yours.
      </p>
    </template>
    <p v-if="seen?.real && way !== 'eye'" class="row" role="status">
      <ColourPatch :lab="predicted" label="As it was predicted" class="dab" />
      <ColourPatch :lab="seen.real" label="As it was read" class="dab" />
      {{ seen.readBy && `read ${readByWords[seen.readBy]}` }}
    </p>
  </div>
</template>

<style scoped>
.seen {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
  flex-basis: 100%;
}
.from {
  width: 260px;
}
.row {
  display: flex;
  align-items: center;
}
.dab {
  width: 56px;
  height: 40px;
}
.row > .dab + .dab {
  margin-right: 10px;
}
p {
  margin: 0;
  flex-basis: 100%;
}
</style>
