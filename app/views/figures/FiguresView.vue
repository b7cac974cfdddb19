<script setup lang="ts">
import { ElButton, ElInput, ElPopover } from 'element-plus'
import { computed, ref } from 'vue'
import { asKind, blankFigure, longest } from '../../../core'
import TextField from '../../parts/field/TextField.vue'
import SideLayout from '../../parts/SideLayout.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { newId } from '../../vault/newId'
import { useProject } from '../../stores/project/project'
import { manyWords } from '../../words/counts'
import FigureForm from './FigureForm.vue'
import FigureList from './FigureList.vue'
import PaintLike from './PaintLike.vue'

/** The figures of a commission: which there are, in what order, and what each is. */
const store = useProject()
const word = ref('')
const groupNames = computed(
  () => new Map(store.project.groups?.map(({ id, name }) => [id, name.toLowerCase()])),
)
const wanted = computed(() => word.value.trim().toLowerCase())
const found = computed(() =>
  wanted.value === ''
    ? store.project.figures
    : store.project.figures.filter(
        ({ name, note, group }) =>
          name.toLowerCase().includes(wanted.value) ||
          note.toLowerCase().includes(wanted.value) ||
          groupNames.value.get(group ?? '')?.includes(wanted.value),
      ),
)
const pieces = computed(() => store.project.figures.reduce((sum, { many }) => sum + many, 0))
const likeOpen = ref(false)

function add(): void {
  word.value = ''
  // As large as those it stands beside, with a face of its own.
  const { figures } = store.project
  const made = blankFigure(newId(), figures.length > 0 ? { size: store.figure.size } : {})
  store.addFigure({ ...made, ...asKind(made, made.kind, figures) })
}
const tell = (text: string): void =>
  void import('../../messages/say').then(({ say }) =>
    say(text, { name: 'Undo', run: () => store.undo() }),
  )
function remove(id: string): void {
  const figure = store.project.figures.find((one) => one.id === id)
  if (figure && store.dropFigure(id)) tell(`${figure.name} was removed.`)
}
</script>

<template>
  <main class="view">
    <ViewHead :title="store.project.name">
      <template #about>
        <ElPopover
          trigger="click"
          width="320"
          placement="bottom-start"
          :show-arrow="false"
          :teleported="false"
          :persistent="false"
        >
          <template #reference>
            <button type="button" class="plate">
              {{ manyWords(pieces, 'piece to paint', 'pieces to paint') }}; rename it
            </button>
          </template>
          <label>
            Name of the commission
            <TextField
              label="Name of the commission"
              needed="A commission has a name of at least one letter."
              :value="store.project.name"
              :longest="longest.name"
              @write="(name, tag) => store.setCommissionName(name, tag)"
            />
          </label>
        </ElPopover>
      </template>
    </ViewHead>
    <SideLayout :side="340">
      <div class="tools">
        <ElButton type="primary" @click="add">Add a figure</ElButton>
        <template v-if="store.project.figures.length">
          <ElButton @click="store.doubleFigure(store.figure.id, true)">Another like it</ElButton>
          <ElButton @click="store.doubleFigure(store.figure.id, false)">Another, bare</ElButton>
          <ElButton :disabled="store.project.figures.length < 2" @click="likeOpen = true"
            >Paint others like it…</ElButton
          >
          <ElButton @click="remove(store.figure.id)">Remove it</ElButton>
          <ElInput
            v-model="word"
            class="find"
            type="search"
            clearable
            placeholder="Find a figure"
            aria-label="Find a figure"
          />
        </template>
      </div>
      <p v-if="store.project.figures.length === 0" class="nobody">
        No figure yet. Add one: it gets a tone, a ladder, coats and a place at the bench.
      </p>
      <p v-else-if="found.length === 0">No figure here is called “{{ word }}”.</p>
      <div v-else class="list">
        <FigureList :figures="found" :ordered="wanted === ''" @remove="remove" />
      </div>
      <template v-if="store.project.figures.length" #side>
        <FigureForm :key="store.figure.id" :figure="store.figure" />
        <p class="next links">
          <RouterLink :to="{ name: 'Tone', params: { way: '' } }">Its tone</RouterLink>
          <RouterLink :to="{ name: 'Ladder' }">Its ladder</RouterLink>
        </p>
        <PaintLike v-model="likeOpen" :figure="store.figure" @done="tell($event)" />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.find {
  margin-left: auto;
  width: min(240px, 100%);
}
.list {
  height: calc(100vh - 140px);
}
.nobody {
  padding: 10vh 0;
  text-align: center;
  font-size: 1.125rem;
}
p {
  margin: 0;
}
.next {
  display: flex;
  gap: 18px;
}
.next a {
  color: inherit;
}
@media (max-width: 1000px) {
  .list {
    height: 52vh;
  }
}
</style>
