<script setup lang="ts">
import { ElButton, ElDialog, ElInput } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { ingredientKey, sameIngredient } from '../../../core'
import type { Ingredient, Lab } from '../../../core'
import { useAsked } from '../../stores/palette/asked'
import { usePalette } from '../../stores/palette/palette'
import type { PaletteWell } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { paintColours } from '../paintColours'
import { screenColour } from '../screenColour'

/** Any mix for any place: of the ladder, of the painter's own, of the commission, a bottle, or a new one. */
const store = usePalette()
const project = useProject()
const asked = useAsked()
const wanted = ref('')
const open = computed({
  get: () => asked.mix !== undefined,
  set: (isOpen) => {
    if (!isOpen) asked.mix = undefined
  },
})
watch(open, () => (wanted.value = ''))

interface Choice {
  of: Ingredient
  name: string
  lab: Lab | undefined
}
const kinds: readonly (readonly [PaletteWell['kind'], string])[] = [
  ['own', 'Mixes of this figure'],
  ['step', 'Its ladder'],
  ['shared', 'Mixes of the commission'],
  ['found', 'Found for a place'],
]
const fits = ({ name }: Choice): boolean =>
  name.toLowerCase().includes(wanted.value.trim().toLowerCase())
const groups = computed(() =>
  [
    ...kinds.map(([kind, title]) => ({
      title,
      choices: store.wells.filter((well) => well.kind === kind) as Choice[],
    })),
    {
      title: 'Bottles',
      choices: project.paintsIn.map((paint) => ({
        of: { bottle: paint.id },
        name: paint.name,
        lab: paintColours(paint).masstone,
      })),
    },
  ]
    .map((group) => ({ ...group, choices: group.choices.filter(fits) }))
    .filter(({ choices }) => choices.length > 0),
)
function choose(of: Ingredient): void {
  const { mix } = asked
  asked.mix = undefined
  mix?.put(of)
}
function another(): void {
  const { mix } = asked
  asked.mix = undefined
  asked.puddle = {
    name: '',
    parts: mix?.now ? [{ of: mix.now, drops: 1 }] : [],
    ...(mix ? { put: mix.put } : {}),
  }
}
const isNow = (of: Ingredient): boolean =>
  asked.mix?.now !== undefined && sameIngredient(asked.mix.now, of)
</script>

<template>
  <ElDialog
    v-model="open"
    :title="`${asked.mix?.title ?? ''}: which mix?`"
    width="720"
    append-to-body
  >
    <div class="head">
      <ElInput v-model="wanted" aria-label="Find a mix or a bottle" placeholder="find…" clearable />
      <ElButton type="primary" @click="another">Mix a new one</ElButton>
    </div>
    <p v-if="groups.length === 0">Nothing here is called “{{ wanted }}”.</p>
    <section v-for="{ title, choices } in groups" :key="title" :aria-label="title">
      <h3>{{ title }}</h3>
      <ul>
        <li v-for="choice in choices" :key="ingredientKey(choice.of)">
          <button
            type="button"
            class="choice"
            :aria-current="isNow(choice.of)"
            @click="choose(choice.of)"
          >
            <span
              class="paint"
              :style="{ background: choice.lab && screenColour(choice.lab).css }"
            />
            {{ choice.name }}
          </button>
        </li>
      </ul>
    </section>
  </ElDialog>
</template>

<style scoped>
.head {
  display: flex;
  gap: 10px;
}
h3 {
  padding: 12px 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 2px;
}
.choice {
  display: flex;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: 44px;
  padding: 3px 6px 3px 3px;
  border: 1px solid transparent;
  border-radius: 3px;
  background: transparent;
  text-align: left;
  line-height: 1.1;
}
.choice:hover {
  background: var(--field-high);
}
.choice[aria-current='true'] {
  border-color: var(--ink);
  font-weight: 700;
}
.paint {
  flex: 0 0 38px;
  height: 38px;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
</style>
