<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { bottlesNamed, starterPaints } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import PickOne from '../../parts/field/PickOne.vue'
import { paintColours } from '../../parts/paintColours'
import TroubleNote from '../../parts/TroubleNote.vue'
import { issueWords } from '../../stores/shelf/issueWords'
import { useShelf } from '../../stores/shelf/shelf'
import { manyWords } from '../../words/counts'
import { failureWords } from '../../words/failure'
import { sizeWords } from '../../words/sizes'
import ToldBottles from './ToldBottles.vue'
import { NEW, useGiven } from './useGiven'

/** A figure that somebody handed on in a link: what it is, what it is mixed from, and where it goes. */
const route = useRoute()
const router = useRouter()
const shelf = useShelf()
onMounted(() => void shelf.look())
const { given, issues, steps, into, like, nameThere, isThere, standsFor, choose, trouble, take } =
  useGiven(() => route.hash)
const figure = computed(() => given.value?.figure)
const about = computed(() => {
  const { size, many, stack } = figure.value!
  return [
    sizeWords(size) + (many > 1 ? `, ${many} of it` : ''),
    manyWords(steps.value.length, 'step', 'steps'),
    ...(stack ? [manyWords(stack.coats.length, 'coat', 'coats')] : []),
  ].join(' · ')
})
/** Bottles that every Cobaltfinch knows. */
const usual = computed(() => {
  const named = new Set(bottlesNamed([figure.value, given.value?.puddles]))
  return starterPaints.filter(({ id }) => named.has(id))
})
const goals = computed(() => [
  { key: NEW, name: 'a commission of its own' },
  ...shelf.onShelf.filter(({ broken }) => !broken).map(({ id, name }) => ({ key: id, name })),
])
/** Of the link as a whole it is said in a sentence, of what stands in it with its place. */
const why = computed(() => {
  const [first] = issues.value
  return first?.place === 'the link' ? `The link ${first.message}` : issueWords(issues.value)
})
const busy = ref(false)
async function put(): Promise<void> {
  busy.value = true
  try {
    await router.push({ name: 'Ladder', params: { commission: await take() } })
  } catch (error) {
    trouble.value = `It could not be taken: ${failureWords(error)}. The link still holds it.`
  }
  busy.value = false
}
</script>

<template>
  <main class="view">
    <TroubleNote v-if="trouble" :text="trouble" @close="trouble = ''" />
    <template v-if="figure">
      <header class="head">
        <h1>{{ figure.name }}</h1>
        <p class="soft">a figure from a link · {{ about }}</p>
      </header>
      <ol v-if="steps.length" class="strip" aria-label="Its ladder, as it is mixed">
        <li v-for="{ key, name, lab } in steps" :key="key">
          <ColourPatch :lab="lab" :label="name" class="step" />
          <span>{{ name }}</span>
        </li>
      </ol>
      <p v-if="figure.note" class="note">{{ figure.note }}</p>
      <section class="goes" aria-label="Where it goes">
        <PickOne v-model="into" label="Put it into" :options="goals" />
        <ElButton type="primary" :disabled="busy" @click="put">Put it there</ElButton>
        <RouterLink to="/" class="leave">Leave it, go to the shelf</RouterLink>
      </section>
      <ToldBottles
        v-if="given!.bottles.length"
        :bottles="given!.bottles"
        :like="like"
        :name-there="nameThere"
        :stands-for="standsFor"
        @choose="choose"
      />
      <section v-if="usual.length" aria-label="Bottles that every box knows">
        <h2>Mixed from</h2>
        <ul class="usual">
          <li v-for="paint in usual" :key="paint.id">
            <ColourPatch :lab="paintColours(paint).masstone" class="bottle" />
            {{ paint.name }}<b v-if="!isThere(paint.id)">, not in there</b>
          </li>
        </ul>
        <p class="soft">
          Its drops stay as they were sent. A bottle that you have not is said in the ladder, in
          coats and at the bench.
        </p>
      </section>
    </template>
    <template v-else>
      <header class="head">
        <h1>This link brings no figure</h1>
      </header>
      <p role="alert">{{ why }}.</p>
      <p class="soft">
        Ask for it anew: on the card of a figure stands “Copy a link to this figure”. Copy all of
        it, to its last letter.
      </p>
      <RouterLink to="/" class="leave">To the shelf</RouterLink>
    </template>
  </main>
</template>

<style scoped>
.view {
  max-width: 1060px;
  padding: 16px 28px 32px;
  display: grid;
  gap: 18px;
  align-content: start;
}
.head {
  display: grid;
  gap: 2px;
}
h1 {
  font-size: 2rem;
}
h1:focus {
  outline: none;
}
h2 {
  font-size: 1.125rem;
}
p,
ul,
ol {
  margin: 0;
}
.strip {
  list-style: none;
  padding: 0;
  display: flex;
}
.strip li {
  flex: 1 1 0;
  min-width: 0;
  display: grid;
  gap: 4px;
  font-size: 0.875rem;
}
.step {
  height: 120px;
}
.note {
  max-width: 70ch;
}
.goes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.goes > :first-child {
  width: min(320px, 100%);
}
.leave {
  color: inherit;
  padding: 9px 8px;
}
.usual {
  padding: 0;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.usual li {
  display: flex;
  align-items: center;
}
.bottle {
  width: 20px;
  height: 20px;
  margin-right: 6px;
  /* White keeps its edge on a light ground. */
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
@media (max-width: 640px) {
  .view {
    padding: 12px;
  }
  .strip {
    flex-wrap: wrap;
  }
  .strip li {
    flex-basis: 22%;
  }
  .step {
    height: 64px;
  }
}
</style>
