<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { longest, starterPaints } from '../../../core'
import { paintColours } from '../../parts/paintColours'
import { screenColour } from '../../parts/screenColour'
import type { Summary } from '../../vault/summaries'
import { manyWords } from '../../words/counts'
import { bottleSets } from './bottleSets'
import PictureChoice from '../../parts/field/PictureChoice.vue'

/** Which bottles there are: a set that goes far, those on the table one by one, or those of another commission. */
const props = defineProps<{ others: readonly Summary[] }>()
const set = defineModel<string[]>('set', { required: true })
const own = defineModel<string[]>('own', { required: true })

const choices = computed(() => [
  { key: 'own', name: 'Those I have', note: manyWords(own.value.length, 'bottle', 'bottles') },
  ...bottleSets.map(({ key, name, ids }) => ({
    key: key as string,
    name,
    note: `${ids.length} starter paints`,
  })),
  { key: 'none', name: 'None yet', note: 'the ladder waits for them' },
  ...props.others.map(({ id, name }) => ({
    key: `of ${id}`,
    name: `Those of ${name}`,
    note: 'with own paints',
  })),
])
const wellsOf = (key: string): string[] => {
  const ids: readonly string[] =
    bottleSets.find((one) => one.key === key)?.ids ?? (key === 'own' ? own.value : [])
  return starterPaints
    .filter(({ id }) => ids.includes(id))
    .map((paint) => screenColour(paintColours(paint).masstone).css)
}
const typed = ref('')
/** Those whose name or pigment holds what was typed; what is ticked stays in sight. */
const paints = computed(() => {
  const wanted = typed.value.trim().toLowerCase()
  return starterPaints
    .filter(
      ({ id, name, pigments }) =>
        own.value.includes(id) || `${name} ${pigments.join(' ')}`.toLowerCase().includes(wanted),
    )
    .map(({ id, name }) => ({ key: id, name }))
})
const drawn = new Map(
  starterPaints.map((paint) => {
    const { masstone, tint } = paintColours(paint)
    return [paint.id, { mass: screenColour(masstone).css, tint: screenColour(tint).css }]
  }),
)
</script>

<template>
  <PictureChoice
    v-slot="{ choice }"
    v-model="set"
    label="Which bottles"
    :choices="choices"
    style="--least: 200px"
  >
    <span class="wells">
      <span v-for="(css, i) in wellsOf(choice.key)" :key="i" :style="{ background: css }" />
    </span>
  </PictureChoice>
  <template v-if="set[0] === 'own'">
    <div class="find">
      <h2>Tick what stands on your table</h2>
      <ElInput
        v-model="typed"
        clearable
        :maxlength="longest.shortName"
        placeholder="a name or a pigment"
        aria-label="Find a bottle by name or pigment"
      />
    </div>
    <PictureChoice
      v-slot="{ choice }"
      v-model="own"
      label="Bottles that I have"
      :choices="paints"
      several
      style="--least: 104px"
    >
      <span class="drawn" :style="{ background: drawn.get(choice.key)!.mass }"
        ><span :style="{ background: drawn.get(choice.key)!.tint }"
      /></span>
    </PictureChoice>
    <p class="soft">Paints of other makes are added in the Box afterwards.</p>
  </template>
</template>

<style scoped>
.find {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
  padding: 20px 0 8px;
}
.find > :deep(.el-input) {
  width: 240px;
}
p {
  margin: 0;
}
.wells {
  display: flex;
  height: 84px;
  background: var(--field-low);
}
.wells > span {
  flex: 1;
}
.drawn {
  display: block;
  height: 56px;
  position: relative;
}
.drawn > span {
  position: absolute;
  inset: 0 0 0 auto;
  width: 26%;
}
</style>
