<script setup lang="ts">
import { ElButton, ElCheckbox, ElCheckboxGroup, ElInput } from 'element-plus'
import { computed, reactive, shallowRef, toRaw, watch } from 'vue'
import { deltaE00, dropsIn, wellLooks, labOf, looksLike, parseColour, partsById } from '../../core'
import type { WellLook, Lab, BottleDrops } from '../../core'
import AmountField from './field/AmountField.vue'
import ColourPatch from './ColourPatch.vue'
import ColourFromPicture from './picture/ColourFromPicture.vue'
import { useReader } from '../stores/reader'
import { useProject } from '../stores/project/project'
import { nameOf } from '../stores/paints'
import { partsInWords } from '../words/parts'
import type { MendJob } from '../workers/boxJobs'
import { threads } from '../workers/threads'
import { useAnswer } from '../workers/useAnswer'

/** What stands in the well does not look as it should: the fewest drops that put it right. */
const props = defineProps<{
  parts: BottleDrops[]
  aim: Lab
  /** What it looks like, where that is known already. */
  found?: Lab
}>()
const store = useProject()
const reader = useReader()
/** Drops as they are counted, to a tenth. */
const dropsInWell = (parts: typeof props.parts): number =>
  Math.max(1, Math.round(10 * dropsIn(parts)) / 10)
const form = reactive({
  known: true,
  drops: dropsInWell(props.parts),
  room: 40,
  words: [] as WellLook[],
  numbers: '',
})
const trouble = shallowRef('')
const measured = shallowRef<Lab | undefined>(props.found)
// Another well, or the same one looked at again.
watch(
  () => props.found,
  (found) => (measured.value = found),
)
const words = Object.keys(wellLooks) as WellLook[]

const seen = computed<Lab | undefined>(() => {
  if (measured.value) return measured.value
  if (form.numbers.trim() !== '')
    try {
      return parseColour(form.numbers)
    } catch {
      return undefined
    }
  return form.words.length > 0 ? looksLike(props.aim, form.words) : undefined
})
async function read(): Promise<void> {
  const reading = await reader.measure({
    kind: 'mix',
    parts: partsById(props.parts),
  })
  if (reading?.reflectance) measured.value = labOf(reading.reflectance)
  trouble.value = reader.trouble
}
watch(
  () => props.parts,
  (parts) => (form.drops = dropsInWell(parts)),
)
const {
  answer,
  trouble: stopped,
  ask,
  forget,
} = useAnswer((job: MendJob) => threads.box().mend(job))
watch(
  [seen, () => form.known, () => form.drops, () => form.room, () => props.parts, () => props.aim],
  () => {
    if (!seen.value && !(form.known && props.parts.length > 0)) return forget()
    ask({
      parts: form.known ? partsById(props.parts) : [],
      drops: form.drops,
      seen: seen.value && { ...seen.value },
      aim: { ...props.aim },
      paints: store.paintsIn.map(toRaw),
      room: form.room,
    })
  },
  { immediate: true },
)
const keepWords = (keep: number): string =>
  keep === 1
    ? ''
    : `lift out ${keep > 0.6 ? 'a third' : keep > 0.45 ? 'half' : keep > 0.3 ? 'two thirds' : 'three quarters'}, then `
</script>

<template>
  <section aria-labelledby="mend" class="mend">
    <h2 id="mend">Put the well right</h2>
    <p class="soft">
      The mix in the well does not look as it should? Say what is in it and how it looks.
    </p>
    <div class="row">
      <ElCheckbox v-model="form.known">it holds this recipe</ElCheckbox>
      <AmountField
        label="Drops in it"
        :min="1"
        :max="400"
        :model-value="form.drops"
        @update:model-value="form.drops = $event!"
      />
      <AmountField
        label="Room for"
        :min="2"
        :max="500"
        :model-value="form.room"
        @update:model-value="form.room = $event!"
      />
    </div>
    <div class="row">
      <span aria-hidden="true">It looks</span>
      <ElCheckboxGroup v-model="form.words" aria-label="It looks" @change="measured = undefined">
        <ElCheckbox v-for="word in words" :key="word" :value="word">{{ word }}</ElCheckbox>
      </ElCheckboxGroup>
    </div>
    <div class="row">
      <label
        >or as numbers
        <ElInput v-model="form.numbers" placeholder="61 14 17" @input="measured = undefined"
      /></label>
      <ElButton v-if="reader.offered" :disabled="reader.busy || parts.length === 0" @click="read">
        Read it with the {{ reader.name }}
      </ElButton>
      <ColourFromPicture what="the well" @pick="measured = $event" />
    </div>
    <p v-if="trouble || stopped" role="alert">{{ trouble || stopped }}</p>
    <div v-if="seen" class="pair">
      <ColourPatch :lab="seen" class="half" label="As it looks" /><ColourPatch
        :lab="aim"
        class="half"
        label="As it should look"
      />
      <span>off by {{ deltaE00(seen, aim).toFixed(1) }}</span>
    </div>
    <template v-if="answer">
      <p v-if="answer.front.length === 0" role="status">It is as near as this box brings it.</p>
      <ol v-else aria-label="Ways to put it right">
        <li
          v-for="(one, i) in answer.front"
          :key="one.added"
          :class="{ best: i === answer.front.length - 1 }"
        >
          <ColourPatch :lab="one.lab" class="swatch" />
          <span>
            {{ keepWords(one.keep) }}add
            <b>{{ partsInWords(one.add, nameOf) }}</b>
          </span>
          <span class="soft">off {{ one.deltaE00.toFixed(1) }}</span>
          <slot v-if="one.keep === 1" name="way" :add="one.add" />
        </li>
      </ol>
      <p v-if="answer.startAgain" role="status">
        Mixing it anew takes fewer drops than mending: {{ partsInWords(answer.fresh, nameOf) }}.
      </p>
    </template>
  </section>
</template>

<style scoped>
.mend {
  display: grid;
  gap: 8px;
}
p {
  margin: 0;
  font-size: 0.9375rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  border: 0;
  margin: 0;
  padding: 0;
  font-size: 0.9375rem;
}
legend {
  float: left;
  padding: 0;
}
.short {
  width: 76px;
}
.pair {
  display: flex;
  align-items: center;
}
.half {
  width: 70px;
  height: 34px;
}
.pair span {
  margin-left: 10px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
  font-size: 0.9375rem;
}
li.best {
  font-size: 1.0625rem;
}
.swatch {
  width: 44px;
  height: 30px;
  flex: none;
}
</style>
