<script setup lang="ts">
import { computed } from 'vue'
import { starterPaints } from '../../../core'
import { paintColours } from '../../parts/paintColours'
import { screenColour } from '../../parts/screenColour'
import type { Summary } from '../../vault/summaries'
import { manyWords } from '../../words/counts'
import { bottleSets } from './bottleSets'
import PictureChoice from './PictureChoice.vue'

/** Which bottles there are: a set that goes far, those on the table one by one, or those of another commission. */
const props = defineProps<{ others: readonly Summary[] }>()
const set = defineModel<string[]>('set', { required: true })
const own = defineModel<string[]>('own', { required: true })

const choices = computed(() => [
  ...bottleSets.map(({ key, name, ids }) => ({
    key: key as string,
    name,
    note: `${ids.length} starter paints`,
  })),
  { key: 'own', name: 'These I have', note: manyWords(own.value.length, 'bottle', 'bottles') },
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
const paints = starterPaints.map(({ id, name }) => ({ key: id, name }))
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
    <h2>Tick what stands on your table</h2>
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
h2 {
  padding: 20px 0 8px;
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
