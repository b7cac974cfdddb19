<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, onMounted, reactive, ref } from 'vue'
import { ingredientKey, labOf, parseColour } from '../../../core'
import type { BottleDrops, Ingredient, PuddlePart } from '../../../core'
import AmountField from '../../parts/field/AmountField.vue'
import FileButton from '../../parts/field/FileButton.vue'
import { keepPhoto } from '../../vault/photos'
import { useReader } from '../../stores/reader'
import type { Made } from './useKept'

/** What came out: the drops as they were, a reading or a colour in numbers, a picture, a word about it. */
const props = defineProps<{
  kind: 'note' | 'measure'
  /** As planned, bottles and puddles; the painter says what was different. */
  parts: readonly PuddlePart[]
  nameOf: (of: Ingredient) => string
  /** Bottles in drops of those. */
  bottlesOf: (parts: readonly PuddlePart[]) => BottleDrops[]
  thinner: number
  minutes: number
}>()
const emit = defineEmits<{ keep: [made: Made]; close: [] }>()
const reader = useReader()
const drops = reactive(props.parts.map((part) => part.drops))
const form = reactive({ numbers: '', note: '', thinner: props.thinner, minutes: props.minutes })
const photo = ref<File>()
const refused = ref('')
const first = ref<HTMLInputElement>()
onMounted(() => first.value?.focus())

const trouble = computed(() => {
  if (drops.some((n) => !(Number.isFinite(n) && n >= 0 && n <= 99)))
    return 'Drops are numbers from 0 to 99.'
  if (drops.every((n) => n === 0)) return 'A mix has at least one drop.'
  if (!(form.thinner >= 0 && form.thinner <= 40))
    return `Thinner is ${form.thinner}; allowed is 0 to 40 parts to one of paint.`
  if (form.numbers.trim() === '') return ''
  try {
    parseColour(form.numbers)
    return ''
  } catch (error) {
    return (error as Error).message
  }
})
/** What was put together. */
const put = computed(() =>
  props.parts.map(({ of }, i) => ({ of, drops: drops[i]! })).filter((part) => part.drops > 0),
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
async function read(): Promise<void> {
  if (reader.status === 'unknown') await reader.connect()
  if (reader.status === 'uncalibrated') await reader.calibrate()
  const reading = await reader.measure({ kind: 'mix', parts: props.bottlesOf(put.value) })
  if (!reading?.reflectance) return
  const { L, a, b } = labOf(reading.reflectance)
  await keep({ real: { L, a, b }, reflectance: [...reading.reflectance] })
}
async function keep(colour?: Pick<Made, 'real' | 'reflectance'>): Promise<void> {
  if (trouble.value) return
  refused.value = ''
  const given = form.numbers.trim() === '' ? undefined : parseColour(form.numbers)
  const real = given && { real: { L: given.L, a: given.a, b: given.b } }
  try {
    emit('keep', { ...(await made()), ...real, ...colour })
  } catch (error) {
    refused.value = `The picture was not kept: ${(error as Error).message}. Write it down without, or choose another.`
    photo.value = undefined
  }
}
</script>

<template>
  <form
    novalidate
    class="form"
    :aria-label="kind === 'note' ? 'Note' : 'Measure'"
    @submit.prevent="keep()"
    @keydown.esc="emit('close')"
  >
    <label v-if="kind === 'measure'">
      Its colour, hex or L a b
      <ElInput ref="first" v-model="form.numbers" placeholder="61 14 17" />
    </label>
    <label class="wide">
      A word about it
      <ElInput
        :ref="(one) => kind === 'note' && (first = one as HTMLInputElement)"
        v-model="form.note"
        maxlength="300"
      />
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
    <ElButton v-if="kind === 'measure'" :disabled="reader.busy || trouble !== ''" @click="read">
      Read it with the reader
    </ElButton>
    <ElButton @click="emit('close')">Leave it</ElButton>
    <p v-if="trouble || refused || reader.trouble" role="alert">
      {{ trouble || refused || reader.trouble }}
    </p>
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
