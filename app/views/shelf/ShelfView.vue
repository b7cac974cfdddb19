<script setup lang="ts">
import { ElButton, ElInput, ElMessage, ElMessageBox } from 'element-plus'
import { computed, h, onMounted, ref } from 'vue'
import OpenFile from '../../parts/files/OpenFile.vue'
import TroubleNote from '../../parts/TroubleNote.vue'
import { useShelf } from '../../stores/shelf/shelf'
import type { Summary } from '../../stores/vault/summaries'
import { counted } from '../../words/counts'
import FirstVisit from './FirstVisit.vue'
import ShelfRow from './ShelfRow.vue'

/** Every commission as the ladders of its figures; the room one comes in by. */
const shelf = useShelf()
onMounted(() => void shelf.refresh())
const opener = ref<InstanceType<typeof OpenFile>>()
const busy = ref('')
const over = ref(false)
const word = ref('')
const now = Date.now()

/** So many are drawn at once; the search looks at all. */
const PAGE = 40
const most = ref(PAGE)
const wanted = computed(() => word.value.trim().toLowerCase())
const hasWord = (text: string): boolean => text.toLowerCase().includes(wanted.value)
const found = computed(() =>
  wanted.value === ''
    ? shelf.onShelf
    : [...shelf.onShelf, ...shelf.archived].filter(({ name }) => hasWord(name)),
)
const MOST_FIGURES = 24
const figures = computed(() => {
  if (wanted.value === '') return []
  const list: { commission: Summary; id: string; name: string }[] = []
  for (const commission of [...shelf.onShelf, ...shelf.archived])
    for (const { id, name } of commission.figures) {
      if (hasWord(name)) list.push({ commission, id, name })
      if (list.length > MOST_FIGURES) return list
    }
  return list
})
const none = computed(() => shelf.ready && shelf.all.length === 0)

const say = (error: unknown): void => {
  shelf.trouble = `That was not done: ${(error as Error).message}.`
}
const act = (work: Promise<unknown>): void => void work.catch(say)

function remove({ id, name }: Summary): void {
  act(
    shelf.remove(id).then(() => {
      const told = ElMessage({
        duration: 12000,
        showClose: true,
        message: h('span', [
          `“${name}” was deleted. `,
          h(
            'button',
            {
              type: 'button',
              class: 'in-message',
              onClick: () => {
                told.close()
                act(shelf.bringBack(id))
              },
            },
            'Bring it back',
          ),
        ]),
      })
    }),
  )
}
async function purge({ id, name }: Summary): Promise<void> {
  const sure = await ElMessageBox.confirm(
    `“${name}” and the pictures that only it has leave this browser. This cannot be undone.`,
    'Delete for good?',
    { confirmButtonText: 'Delete for good', cancelButtonText: 'Keep it', autofocus: false },
  ).catch(() => undefined)
  if (sure) act(shelf.purge(id))
}
const dropped = (event: DragEvent): void => {
  over.value = false
  void opener.value?.open(event.dataTransfer?.files[0])
}
</script>

<template>
  <main
    class="view"
    :class="{ over }"
    @dragover.prevent="over = true"
    @dragleave.self="over = false"
    @drop.prevent="dropped"
  >
    <TroubleNote v-if="shelf.trouble" :text="shelf.trouble" @close="shelf.trouble = ''" />
    <OpenFile ref="opener" @busy="busy = $event" />
    <FirstVisit v-if="none" />
    <template v-else>
      <header class="head">
        <h1>Shelf</h1>
        <p class="soft" role="status">
          {{
            shelf.ready
              ? counted(shelf.onShelf.length, 'commission', 'commissions')
              : 'Looking at the shelf…'
          }}
        </p>
        <ElInput
          v-model="word"
          class="find"
          type="search"
          clearable
          placeholder="Find a commission or a figure"
          aria-label="Find a commission or a figure"
        />
      </header>
      <div class="ways">
        <RouterLink :to="{ name: 'Begin' }" class="begin">Begin a commission</RouterLink>
        <ElButton @click="opener?.choose()">{{ busy || 'Open a file…' }}</ElButton>
        <ElButton @click="act(shelf.addDemo())">Bring Low Tide</ElButton>
        <span class="soft">A file can be dropped here too.</span>
      </div>
      <section v-if="wanted" class="figures" aria-label="Figures found">
        <RouterLink
          v-for="{ commission, id, name } in figures.slice(0, MOST_FIGURES)"
          :key="`${commission.id} ${id}`"
          :to="{ name: 'Ladder', params: { commission: commission.id }, query: { figure: id } }"
        >
          {{ name }} <span class="soft">in {{ commission.name }}</span>
        </RouterLink>
        <p v-if="figures.length > MOST_FIGURES" class="soft">and more: go on typing</p>
        <p v-if="figures.length === 0 && found.length === 0">
          Nothing here is called “{{ word }}”.
        </p>
      </section>
      <ul class="rows">
        <ShelfRow
          v-for="summary in found.slice(0, most)"
          :key="summary.id"
          :summary="summary"
          :now="now"
          @rename="act(shelf.rename(summary.id, $event))"
          @duplicate="act(shelf.duplicate(summary.id))"
          @archive="act(shelf.archive(summary.id, $event))"
          @remove="remove(summary)"
        />
      </ul>
      <ElButton v-if="found.length > most" @click="most += PAGE">
        Show {{ Math.min(PAGE, found.length - most) }} more of {{ found.length }}
      </ElButton>
      <p v-if="shelf.ready && shelf.onShelf.length === 0 && !wanted" class="soft nothing">
        Nothing lies on the shelf. Begin a commission, or bring one back from below.
      </p>
      <details v-if="shelf.archived.length && !wanted">
        <summary>Put away ({{ shelf.archived.length }})</summary>
        <ul class="rows">
          <ShelfRow
            v-for="summary in shelf.archived"
            :key="summary.id"
            :summary="summary"
            :now="now"
            @rename="act(shelf.rename(summary.id, $event))"
            @duplicate="act(shelf.duplicate(summary.id))"
            @archive="act(shelf.archive(summary.id, $event))"
            @remove="remove(summary)"
          />
        </ul>
      </details>
      <details v-if="shelf.deleted.length && !wanted">
        <summary>Deleted ({{ shelf.deleted.length }})</summary>
        <ul class="rows">
          <ShelfRow
            v-for="summary in shelf.deleted"
            :key="summary.id"
            :summary="summary"
            :now="now"
            @bring-back="act(shelf.bringBack(summary.id))"
            @purge="purge(summary)"
          />
        </ul>
      </details>
    </template>
  </main>
</template>

<style scoped>
.view {
  padding: 12px 28px 32px;
  min-height: 100%;
}
.view.over {
  outline: 3px dashed var(--ink);
  outline-offset: -8px;
}
.head,
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
h1 {
  font-size: 30px;
}
p {
  margin: 0;
}
.find {
  margin-left: auto;
  width: min(320px, 100%);
}
.ways {
  gap: 8px;
  padding: 12px 0 18px;
}
.begin {
  background: var(--cobalt);
  color: #fff;
  font-weight: 600;
  text-decoration: none;
  padding: 8px 18px;
  min-height: 38px;
}
.begin:hover {
  background: #15298a;
}
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
  padding-bottom: 14px;
}
.figures a {
  color: inherit;
  padding: 6px 0;
}
summary {
  min-height: 36px;
  padding: 6px 0;
  cursor: pointer;
  font-weight: 700;
}
.nothing {
  padding: 24px 0;
}
@media (max-width: 640px) {
  .view {
    padding: 10px 12px 24px;
  }
}
</style>
