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
/** Elsewhere in the commission something may be left to do. */
const others = computed(() =>
  store.project.figures.filter(({ id }) => !figures.value.some((one) => one.id === id)),
)
const buys = computed(() =>
  stockFor(bench.mixesToCome, store.project.bottles ?? {}).filter(({ bottles }) => bottles > 0),
)
const first = computed(() => bench.now?.move)
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
    <p>
      <b>Next time first:</b>
      <template v-if="first">{{ bench.figureName(first) }}: {{ first.words }}.</template>
      <template v-else-if="others.length">
        these are finished;
        {{ listWords(others.slice(0, 3).map(({ name }) => name.split(',')[0]!)) }}
        {{
          others.length > 3
            ? `and ${manyWords(others.length - 3, 'other', 'others')} are`
            : others.length === 1
              ? 'is'
              : 'are'
        }}
        still to be painted.
      </template>
      <template v-else>nothing; the whole commission is painted.</template>
    </p>
    <p>
      <b>To buy:</b>
      {{
        buys.length
          ? listWords(buys.map(({ paint, bottles }) => `${bottles} × ${nameOf(paint)}`))
          : 'nothing that was counted runs out'
      }}.
    </p>
    <ElButton v-if="bench.now" class="act" @click="emit('on')">Paint on</ElButton>
  </section>
</template>

<style scoped>
.end {
  display: grid;
  align-content: start;
  gap: 18px;
  padding: 24px 32px;
  font-size: 22px;
}
h2 {
  font-size: 38px;
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
  font-size: 20px;
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
    font-size: 18px;
  }
  h2 {
    font-size: 28px;
  }
}
</style>
