<script setup lang="ts">
import { Delete } from '@element-plus/icons-vue'
import { ElButton, ElOption, ElOptionGroup, ElSelect } from 'element-plus'
import { computed } from 'vue'
import { holds, ingredientKey, isBottle, sameIngredient } from '../../../core'
import type { Ingredient, PuddlePart } from '../../../core'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { screenColour } from '../screenColour'
import { colourOf } from './colourOf'
import DropSteps from './DropSteps.vue'

/** What is in a puddle: a line an ingredient, bottles and puddles alike. */
const props = defineProps<{
  /** The puddle itself, which cannot go into itself. */
  id?: string
}>()
const parts = defineModel<readonly PuddlePart[]>({ required: true })
const store = usePalette()
const project = useProject()

const set = (at: number, drops: number): void => {
  parts.value = parts.value.map((part, i) => (i === at ? { ...part, drops } : part))
}
const take = (at: number): void => {
  parts.value = parts.value.filter((_, i) => i !== at)
}
const mayHold = (of: Ingredient): boolean =>
  !parts.value.some((part) => sameIngredient(part.of, of)) &&
  (props.id === undefined || !holds([{ of, drops: 1 }], props.id, store.palette.partsOf))
interface Choice {
  key: string
  name: string
  of: Ingredient
}
const choices = computed(() => {
  const puddles = store.wells.map(({ of, name }) => ({ of, name }))
  const bottles = project.paintsIn.map(({ id, name }) => ({ of: { bottle: id }, name }))
  const offered = (all: { of: Ingredient; name: string }[]): Choice[] =>
    all.filter(({ of }) => mayHold(of)).map((one) => ({ ...one, key: ingredientKey(one.of) }))
  return [
    { title: 'Mixes', choices: offered(puddles) },
    { title: 'Bottles', choices: offered(bottles) },
  ]
})
function add(key: string): void {
  const found = choices.value.flatMap((group) => group.choices).find((one) => one.key === key)
  const of = found && store.settled(found.of)
  if (of) parts.value = [...parts.value, { of, drops: 1 }]
}
const css = (of: Ingredient): string | undefined => {
  const lab = colourOf(of, store.palette)
  return lab && screenColour(lab).css
}
</script>

<template>
  <div class="parts">
    <div v-for="(part, i) in parts" :key="ingredientKey(part.of)" class="part">
      <span
        class="paint"
        :class="{ mix: !isBottle(part.of) }"
        :style="{ background: css(part.of) }"
      />
      <span>{{ store.palette.nameOf(part.of) }}</span>
      <DropSteps
        :what="store.palette.nameOf(part.of)"
        :lab="colourOf(part.of, store.palette)"
        :drops="part.drops"
        @change="set(i, $event)"
      />
      <ElButton
        :icon="Delete"
        text
        :aria-label="`Take ${store.palette.nameOf(part.of)} out`"
        @click="take(i)"
      />
    </div>
    <ElSelect
      class="add"
      filterable
      default-first-option
      model-value=""
      placeholder="Add a bottle or a mix…"
      aria-label="Add a bottle or a mix"
      @update:model-value="add"
    >
      <ElOptionGroup v-for="group in choices" :key="group.title" :label="group.title">
        <ElOption
          v-for="choice in group.choices"
          :key="choice.key"
          :value="choice.key"
          :label="choice.name"
        >
          <span class="small" :style="{ background: css(choice.of) }" />{{ choice.name }}
        </ElOption>
      </ElOptionGroup>
    </ElSelect>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  gap: 4px;
}
.part {
  display: grid;
  grid-template-columns: 34px minmax(90px, 1fr) minmax(200px, 1.4fr) auto;
  gap: 10px;
  align-items: center;
}
.paint {
  height: 34px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.paint.mix {
  border-radius: 50%;
}
.small {
  display: inline-block;
  width: 20px;
  height: 20px;
  margin-right: 8px;
  vertical-align: middle;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.add {
  max-width: 320px;
}
@media (max-width: 640px) {
  .part {
    grid-template-columns: 34px minmax(0, 1fr) auto;
  }
  .part > :nth-child(3) {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
