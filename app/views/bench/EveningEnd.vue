<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { stockFor } from '../../../core'
import { useBench } from '../../stores/bench/bench'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { listWords, manyWords } from '../../words/counts'

/** The evening's end: one question a figure, tomorrow's first move, what to buy. */
const bench = useBench()
const store = useProject()
const emit = defineEmits<{ on: [] }>()
/** Figures that were worked on, each asked once. */
const figures = computed(() => {
  const ids = new Set(bench.rotation.map(({ figure }) => figure))
  return store.project.figures.filter(({ id }) => ids.has(id))
})
const answered = ref<string[]>([])
const asked = computed(() => figures.value.filter(({ id }) => !answered.value.includes(id)))
/** What is still to be painted: figures that are not on the bench, and others of those that are. */
const others = computed(() =>
  store.project.figures.flatMap(({ id, name, many }) => {
    const here = bench.rotation.filter(({ figure }) => figure === id).length
    const short = name.split(',')[0]!
    if (here === 0) return [short]
    return many > here ? [`${manyWords(many - here, 'more', 'more')} of ${short}`] : []
  }),
)
const buys = computed(() =>
  stockFor(bench.mixesToCome, store.project.bottles ?? {}).filter(({ bottles }) => bottles > 0),
)
const first = computed(() => bench.now?.move)
const nextWords = computed(() => {
  const one = first.value
  if (one) return `${bench.figureName(one)}: ${one.words}.`
  const [few, more] = [others.value.slice(0, 3), others.value.length - 3]
  if (few.length === 0) return 'nothing; the whole commission is painted.'
  const named = listWords(more > 0 ? [...few, manyWords(more, 'other', 'others')] : few)
  return `these are finished; still to be painted: ${named}.`
})
/** The first that nobody has begun, to be painted next. */
const fresh = computed(() =>
  bench.now ? undefined : store.project.figures.find((one) => !figures.value.includes(one)),
)
const critic = (id: string): void => {
  store.chooseFigure(id)
}
</script>

<template>
  <section class="end" aria-label="The evening’s end">
    <h2>
      {{ bench.now ? 'Enough for tonight' : 'All moves are done.' }}
    </h2>
    <ul v-if="asked.length" class="asked">
      <li v-for="{ id, name } in asked" :key="id">
        <span>{{ name }}: a photograph for the critic?</span>
        <RouterLink
          class="act"
          :to="{ name: 'Log', query: { show: 'critic' } }"
          @click="critic(id)"
        >
          Take one
        </RouterLink>
        <ElButton class="act" @click="answered.push(id)">Not now</ElButton>
      </li>
    </ul>
    <p><b>Next time first:</b>{{ ' ' }}{{ nextWords }}</p>
    <p>
      <b>To buy:</b>
      {{
        buys.length
          ? listWords(buys.map(({ paint, bottles }) => `${bottles} × ${nameOf(paint)}`))
          : 'nothing that was counted runs out'
      }}.
    </p>
    <ElButton v-if="bench.now" class="act" @click="emit('on')">Paint on</ElButton>
    <ElButton v-else-if="fresh" class="act" @click="store.chooseFigure(fresh.id)">
      Go on with {{ fresh.name.split(',')[0] }}
    </ElButton>
  </section>
</template>

<style scoped>
.end {
  display: grid;
  align-content: start;
  gap: 18px;
  padding: 24px 32px;
  font-size: 1.375rem;
}
h2 {
  font-size: 2.375rem;
}
p,
.asked {
  margin: 0;
  padding: 0;
  list-style: none;
}
.asked {
  display: grid;
  gap: 10px;
}
.asked li {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.asked span {
  flex: 1 1 260px;
}
.act {
  display: inline-flex;
  align-items: center;
  justify-self: start;
  margin: 0;
  min-height: 56px;
  padding: 0 18px;
  font-size: 1.25rem;
}
a.act {
  height: 56px;
  box-sizing: border-box;
  border: 1px solid var(--edge);
  color: inherit;
  text-decoration: none;
}
@media (max-width: 640px) {
  .end {
    padding: 12px;
    font-size: 1.125rem;
  }
  h2 {
    font-size: 1.75rem;
  }
}
</style>
