<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton, ElInput } from 'element-plus'
import { whenever } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { onOpenedWith } from '../../offline/openedWith'
import { listAside } from '../../vault/aside'
import { later } from '../../parts/later'
import OpenFile from '../../parts/files/OpenFile.vue'
import TroubleNote from '../../parts/TroubleNote.vue'
import { useShelf } from '../../stores/shelf/shelf'
import type { Summary } from '../../vault/summaries'
import { manyWords } from '../../words/counts'
import FirstVisit from './FirstVisit.vue'
import ShelfRows from './ShelfRows.vue'
import FoldOut from '../../parts/FoldOut.vue'

/** Every commission as the ladders of its figures; the room one comes in by. */
const shelf = useShelf()
onMounted(() => void shelf.look())
onMounted(() => onOpenedWith((file) => void opener.value?.open(file)))
const AsideList = later(() => import('../../parts/files/AsideList.vue'))
/** So much work was put aside unchanged. */
const aside = ref(0)
onMounted(async () => (aside.value = (await listAside().catch(() => [])).length))
const opener = ref<InstanceType<typeof OpenFile>>()
const busy = ref('')
const over = ref(false)
const word = ref('')
const now = Date.now()

/** So many are in sight at first, and so many are drawn afterwards; the search looks at all. */
const AT_FIRST = 7
const PAGE = 40
/** Somebody who only passes by starts no search, ms. */
const PAINT_AFTER_MS = 1500
const most = ref(AT_FIRST)
whenever(
  () => shelf.ready,
  () => requestAnimationFrame(() => setTimeout(() => (most.value = PAGE))),
  { immediate: true, flush: 'post' },
)
/** What is in sight is mixed once the page stands, so that it shows what would be painted. */
let here = true
onBeforeUnmount(() => (here = false))
whenever(
  () => shelf.ready,
  () =>
    setTimeout(() => {
      const ids = shelf.onShelf.slice(0, AT_FIRST).map(({ id }) => id)
      if (here) void shelf.paint(ids, () => here)
    }, PAINT_AFTER_MS),
  { immediate: true },
)
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

const failed = (error: unknown): void => {
  shelf.trouble = `That was not done: ${failureWords(error)}.`
}
const act = (work: Promise<unknown>): void => void work.catch(failed)

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
    <FirstVisit v-if="none" @open="opener?.choose()" />
    <template v-else>
      <header class="head">
        <h1>Shelf</h1>
        <p class="soft" role="status">
          {{
            shelf.ready
              ? manyWords(shelf.onShelf.length, 'commission', 'commissions')
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
      <ShelfRows
        :summaries="found.slice(0, most)"
        :now="now"
        :bare="most === AT_FIRST"
        @failed="failed"
      />
      <ElButton v-if="found.length > most" @click="most += PAGE">
        Show {{ Math.min(PAGE, found.length - most) }} more of {{ found.length }}
      </ElButton>
      <p v-if="shelf.ready && shelf.onShelf.length === 0 && !wanted" class="soft nothing">
        Nothing lies on the shelf. Begin a commission, or bring one back from below.
      </p>
      <FoldOut v-if="shelf.archived.length && !wanted" :name="`Archive (${shelf.archived.length})`">
        <ShelfRows :summaries="shelf.archived" :now="now" @failed="failed" />
      </FoldOut>
      <FoldOut v-if="shelf.deleted.length && !wanted" :name="`Deleted (${shelf.deleted.length})`">
        <ShelfRows :summaries="shelf.deleted" :now="now" @failed="failed" />
      </FoldOut>
      <FoldOut v-if="aside && !wanted" :name="`Work that was put aside (${aside})`">
        <AsideList @left="aside = $event" />
      </FoldOut>
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
main > :deep(.trouble) {
  margin-bottom: 12px;
}
.head,
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}
h1 {
  font-size: 1.875rem;
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
.nothing {
  padding: 24px 0;
}
@media (max-width: 640px) {
  .view {
    padding: 10px 12px 24px;
  }
}
</style>
