<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, reactive, toRaw } from 'vue'
import { dropsIn, ingredientKey, sameIngredient } from '../../../../core'
import type { BottleDrops, Ingredient, Lab, Looked, PuddlePart } from '../../../../core'
import { useDraft } from '../../../parts/useDraft'
import { nameOf, paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import { partWords } from '../../../words/amounts'
import type { LookAnswer, LookJob } from '../../../workers/boxJobs'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'
import DabRing from './DabRing.vue'

/** How does the well look? The dab it is most like is pressed, and the least that mends it is said; again until it is right. */
const props = defineProps<{
  of: Ingredient
  name: string
  aim: Lab
  /** As it was mixed, bottles and puddles, and as bottles alone. */
  parts: readonly PuddlePart[]
  bottles: readonly BottleDrops[]
  /** In which commission, for which move. */
  move: string
}>()
const emit = defineEmits<{
  /** It is right, or as near as can be, with all that was added. */
  right: [added: BottleDrops[], near: boolean]
  close: []
  more: []
}>()
const store = useProject()
/** Looks so far; what was seen last and not yet answered has added nothing. */
const form = reactive({ looks: [] as { looked: Looked; add: BottleDrops[] }[] })
const forget = useDraft(`looks at ${props.move} ${ingredientKey(props.of)}`, form)

const {
  answer,
  busy,
  trouble,
  ask,
  forget: drop,
} = useAnswer(async (job: LookJob): Promise<LookAnswer> => threads.box().look(job))
const added = computed(() => {
  const sum = new Map<string, number>()
  for (const { add } of form.looks)
    for (const { paint, drops } of add) sum.set(paint, (sum.get(paint) ?? 0) + drops)
  return [...sum].map(([paint, drops]) => ({ paint, drops: Math.round(10 * drops) / 10 }))
})
function look(looked: Looked): void {
  // What was said and not done is said anew.
  const before = form.looks.filter(({ add, looked: was }) => add.length > 0 || was === 'right')
  form.looks = [...before, { looked, add: [] }]
  ask({
    parts: props.bottles.map((one) => ({ ...one })),
    aim: { ...props.aim },
    paints: store.paintsIn.map(toRaw),
    inWell: props.bottles.map(({ paint }) => toRaw(paintOf(paint))),
    looks: form.looks.map(({ looked: was, add }) => ({
      looked: was,
      add: add.map((one) => ({ ...one })),
    })),
  })
}
const asks = computed(() => (answer.value?.kind === 'add' ? answer.value : undefined))
function did(): void {
  const one = asks.value
  if (!one) return
  form.looks = form.looks.map((was, i) =>
    i === form.looks.length - 1 ? { ...was, add: one.add } : was,
  )
  drop()
}
function finish(near: boolean): void {
  forget()
  emit('right', added.value, near)
}
const question = computed(() => {
  if (answer.value?.kind === 'again') return 'Stir it and look once more: is it still right?'
  return form.looks.length === 0 ? 'How does it look beside the aim?' : 'How does it look now?'
})
const wellDrops = computed(() => dropsIn(props.parts))
const isIn = (paint: string): boolean =>
  props.parts.some(({ of }) => sameIngredient(of, { bottle: paint }))
</script>

<template>
  <section class="right" aria-label="Put right">
    <header>
      <h2>{{ name }}: {{ asks ? 'add' : question }}</h2>
      <p v-if="added.length" class="soft">
        Added so far:
        {{ added.map(({ paint, drops }) => partWords(drops, nameOf(paint))).join(', ') }}, to
        {{ wellDrops }} {{ wellDrops === 1 ? 'drop' : 'drops' }}.
      </p>
    </header>
    <div v-if="asks" class="answer" role="status">
      <ul>
        <li v-for="{ paint, drops } in asks.add" :key="paint">
          {{ partWords(drops, nameOf(paint)) }}
          <span v-if="!isIn(paint)" class="soft"> (not in it yet)</span>
        </li>
      </ul>
      <p class="soft">
        About {{ asks.off.toFixed(0) }} off now, {{ asks.after.toFixed(1) }} after, as far as one
        can tell by looking.
      </p>
      <div class="acts">
        <ElButton type="primary" class="act" @mousedown.prevent @click="did">I did this</ElButton>
        <ElButton class="act" @mousedown.prevent @click="drop">Look again</ElButton>
      </div>
    </div>
    <div
      v-else-if="answer?.kind === 'right' || answer?.kind === 'near'"
      class="answer"
      role="status"
    >
      <p>
        {{
          answer.kind === 'right'
            ? 'It is right.'
            : `It is as near as these bottles bring it: about ${answer.off.toFixed(0)} off.`
        }}
      </p>
      <div class="acts">
        <ElButton
          type="primary"
          class="act"
          @mousedown.prevent
          @click="finish(answer.kind === 'near')"
        >
          Write it down
        </ElButton>
        <ElButton v-if="answer.kind === 'near'" class="act" @mousedown.prevent @click="drop">
          Look again
        </ElButton>
      </div>
    </div>
    <DabRing v-else :aim="aim" :busy="busy" @look="look" />
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <footer>
      <ElButton class="act" @mousedown.prevent @click="emit('more')"
        >By numbers or a reader</ElButton
      >
      <ElButton class="act" @mousedown.prevent @click="emit('close')">Close</ElButton>
    </footer>
  </section>
</template>

<style scoped>
.right {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 8px;
  padding: 16px 24px;
}
h2 {
  font-size: 1.75rem;
}
p,
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 1.25rem;
}
.answer {
  align-self: center;
  display: grid;
  gap: 14px;
}
.answer li {
  font-size: 2.375rem;
  font-weight: 700;
}
.acts,
footer {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.act {
  margin: 0;
  min-height: 56px;
  font-size: 1.25rem;
}
@media (max-width: 640px) {
  .right {
    padding: 8px 12px;
  }
  h2 {
    font-size: 1.375rem;
  }
  p {
    font-size: 1rem;
  }
  .answer li {
    font-size: 1.75rem;
  }
}
</style>
