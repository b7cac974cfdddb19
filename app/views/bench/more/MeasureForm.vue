<script setup lang="ts">
import { failureWords } from '../../../words/failure'
import { ElButton, ElInput } from 'element-plus'
import { computed, onMounted, reactive, ref, shallowRef } from 'vue'
import { ingredientKey, predictMix } from '../../../../core'
import type { BottleDrops, Ingredient, PuddlePart } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import { useDraft } from '../../../parts/useDraft'
import FileButton from '../../../parts/field/FileButton.vue'
import { keepPhoto } from '../../../vault/photos'
import { withPaints } from '../../../stores/paints'
import SeenColour from './SeenColour.vue'
import type { Made } from '../useKept'

/** What came out: the drops as they were, a reading or a colour in numbers, a picture, a word about it. */
const props = defineProps<{
  kind: 'note' | 'measure'
  /** Of which move it is. */
  of: string
  /** As planned, bottles and puddles; the painter says what was different. */
  parts: readonly PuddlePart[]
  nameOf: (of: Ingredient) => string
  /** Bottles in drops of those. */
  bottlesOf: (parts: readonly PuddlePart[]) => BottleDrops[]
  thinner: number
  minutes: number
}>()
const emit = defineEmits<{ keep: [made: Made]; close: [] }>()
const drops = reactive(props.parts.map((part) => part.drops))
const form = reactive({ note: '', thinner: props.thinner, minutes: props.minutes })
const forget = useDraft(`of what came out ${props.of}`, form)
function close(): void {
  forget()
  emit('close')
}
const photo = ref<File>()
const refused = ref('')
/** What was said of its colour, and why that could not be taken. */
const seen = shallowRef<Pick<Made, 'real' | 'reflectance' | 'readBy'>>()
const unread = ref('')
const room = ref<HTMLFormElement>()
onMounted(() => {
  room.value?.scrollIntoView({ block: 'nearest' })
  room.value?.querySelector('input')?.focus({ preventScroll: true })
})

const trouble = computed(() => {
  if (drops.some((n) => !(Number.isFinite(n) && n >= 0 && n <= 99)))
    return 'Drops are numbers from 0 to 99.'
  if (drops.every((n) => n === 0)) return 'A mix has at least one drop.'
  if (!(form.thinner >= 0 && form.thinner <= 40))
    return `Thinner is ${form.thinner}; allowed is 0 to 40 parts to one of paint.`
  return unread.value
})
/** What was put together. */
const put = computed(() =>
  props.parts.map(({ of }, i) => ({ of, drops: drops[i]! })).filter((part) => part.drops > 0),
)
/** As it was mixed, by the bottles as they are known. */
const predicted = computed(() =>
  put.value.length > 0 ? predictMix(withPaints(props.bottlesOf(put.value))).lab : undefined,
)
/** What is written down whatever the colour came from. */
async function made(): Promise<Made> {
  const picture = photo.value ? await keepPhoto(photo.value) : undefined
  return {
    made: put.value,
    thinner: form.thinner,
    ...(form.minutes > 0 ? { minutes: form.minutes } : {}),
    ...(form.note ? { note: form.note } : {}),
    ...(picture ? { photo: picture } : {}),
  }
}
async function keep(): Promise<void> {
  if (trouble.value) return
  refused.value = ''
  try {
    emit('keep', { ...(await made()), ...seen.value })
    forget()
  } catch (error) {
    refused.value = `The picture was not kept: ${failureWords(error)}. Write it down without, or choose another.`
    photo.value = undefined
  }
}
</script>

<template>
  <form
    ref="room"
    novalidate
    class="form"
    :aria-label="kind === 'note' ? 'Note' : 'Measure'"
    @submit.prevent="keep()"
    @keydown.esc="close"
  >
    <SeenColour
      v-if="kind === 'measure' && predicted"
      v-model="seen"
      :predicted="predicted"
      :bottles="() => bottlesOf(put)"
      @refused="unread = $event"
    />
    <label class="wide">
      A word about it
      <ElInput v-model="form.note" maxlength="300" />
    </label>
    <fieldset>
      <legend>As it was mixed</legend>
      <AmountField
        v-for="(part, i) in parts"
        :key="ingredientKey(part.of)"
        class="few"
        :label="nameOf(part.of)"
        :min="0"
        :max="99"
        :model-value="drops[i]"
        @update:model-value="drops[i] = $event!"
      />
      <AmountField
        class="few"
        label="thinner to 1"
        :min="0"
        :max="40"
        :step="0.5"
        :model-value="form.thinner"
        @update:model-value="form.thinner = $event!"
      />
      <AmountField
        class="few"
        label="minutes"
        :min="0"
        :max="1000"
        :model-value="form.minutes"
        @update:model-value="form.minutes = $event!"
      />
      <FileButton accept="image/*" @file="photo = $event">
        {{ photo ? `Picture: ${photo.name}` : 'A picture of it…' }}
      </FileButton>
    </fieldset>
    <ElButton native-type="submit" type="primary" :disabled="trouble !== ''"
      >Write it down</ElButton
    >
    <ElButton @click="close">Cancel</ElButton>
    <p v-if="trouble || refused" role="alert">{{ trouble || refused }}</p>
  </form>
</template>

<style scoped>
.form,
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.form {
  background: var(--field-high);
  padding: 10px 14px;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  flex-basis: 100%;
}
legend {
  padding: 0;
  font-weight: 700;
}
.few {
  flex: 0 1 132px;
}
.wide {
  flex: 1 1 220px;
}
p {
  margin: 0;
  flex-basis: 100%;
}
</style>
