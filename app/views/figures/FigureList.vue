<script setup lang="ts">
import { useVirtualList } from '@vueuse/core'
import Sortable from 'sortablejs'
import { computed, nextTick, onBeforeUnmount, onMounted } from 'vue'
import type { Figure } from '../../../core'
import LadderStrips from '../../parts/LadderStrips.vue'
import { useProject } from '../../stores/project/project'
import { stripOf } from '../../stores/shelf/summaryOf'
import { sizeWords } from '../../words/sizes'
import { vTip } from '../../parts/tip/tip'
import { clamp } from '../../../core'
import InTurn, { inItsTurn } from '../../parts/inTurn'

/**
 * The figures in their order; only those in sight are drawn. Arrows walk, Alt with an arrow moves a figure,
 * Delete takes it away.
 */
const props = defineProps<{ figures: readonly Figure[]; ordered: boolean }>()
const emit = defineEmits<{ remove: [id: string] }>()
const store = useProject()
const ROW = 60
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(
  computed(() => [...props.figures]),
  { itemHeight: ROW, overscan: 4 },
)
const groups = computed(() => new Map(store.project.groups?.map(({ id, name }) => [id, name])))
const about = ({ size, many, group }: Figure): string =>
  [sizeWords(size), many > 1 ? `${many} of it` : '', groups.value.get(group ?? '') ?? '']
    .filter(Boolean)
    .join(' · ')

async function focusRow(at: number): Promise<void> {
  const place = clamp(at, [0, props.figures.length - 1])
  const box = containerProps.ref.value!
  const [top, bottom] = [box.scrollTop, box.scrollTop + box.clientHeight]
  if (place * ROW < top || (place + 1) * ROW > bottom) scrollTo(Math.max(0, place - 2))
  await nextTick()
  await new Promise(requestAnimationFrame)
  box.querySelector<HTMLElement>(`[data-at="${place}"]`)?.focus()
}
/** A figure's place among all, which a filter does not change. */
const placeOf = (id: string): number => store.project.figures.findIndex((one) => one.id === id)
function keys(event: KeyboardEvent, at: number, id: string): void {
  if (event.key === 'Delete') return emit('remove', id)
  const by = { ArrowUp: -1, ArrowDown: 1, Home: -Infinity, End: Infinity }[event.key]
  if (by === undefined) return
  event.preventDefault()
  if (event.altKey && props.ordered) store.moveFigure(id, placeOf(id) + by)
  void focusRow(at + by)
}

let sortable: Sortable | undefined
onMounted(() => {
  const frame = containerProps.ref.value!.firstElementChild as HTMLElement
  sortable = Sortable.create(frame, {
    handle: '.grip',
    animation: 0,
    onEnd: ({ oldIndex, newIndex, item }) => {
      if (oldIndex === undefined || newIndex === undefined) return
      // The list draws itself anew; the dragged row goes back to where the list has it.
      const parent = item.parentElement!
      parent.insertBefore(item, parent.children[oldIndex + (newIndex < oldIndex ? 1 : 0)] ?? null)
      const from = list.value[oldIndex]
      const to = list.value[newIndex]
      if (from && to) store.moveFigure(from.data.id, placeOf(to.data.id))
    },
  })
})
// It asks what lies under the pointer, for which the page is laid out: not while the next room comes.
onBeforeUnmount(() => inItsTurn(() => sortable?.destroy()))
</script>

<template>
  <div v-bind="containerProps" class="frame" tabindex="-1">
    <ol v-bind="wrapperProps" aria-label="Figures">
      <li v-for="{ data: figure, index } in list" :key="figure.id">
        <span
          v-tip="'Drag to another place'"
          class="grip"
          :class="{ off: !ordered }"
          aria-hidden="true"
          ><i /><i /><i
        /></span>
        <button
          type="button"
          class="figure"
          :data-at="index"
          :aria-pressed="figure.id === store.figure.id"
          :aria-keyshortcuts="ordered ? 'Alt+ArrowUp Alt+ArrowDown' : undefined"
          @click="store.chooseFigure(figure.id)"
          @keydown="keys($event, index, figure.id)"
        >
          <span class="strip">
            <InTurn>
              <LadderStrips
                :figures="[{ id: figure.id, name: figure.name, many: 1, strip: stripOf(figure) }]"
              />
            </InTurn>
          </span>
          <span class="name">{{ figure.name }}</span>
          <span class="soft about">{{ about(figure) }}</span>
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.frame {
  height: 100%;
  min-height: 0;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  height: 60px;
  padding-bottom: 4px;
}
.grip {
  display: flex;
  gap: 3px;
  align-items: stretch;
  padding: 14px 7px;
  cursor: grab;
}
.grip i {
  width: 2px;
  background: var(--edge);
}
.grip.off {
  visibility: hidden;
}
.figure {
  flex: 1;
  min-width: 0;
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  border: 0;
  padding: 0 12px 0 0;
  background: transparent;
  text-align: left;
}
.figure:hover {
  background: var(--field-low);
}
.figure[aria-pressed='true'] {
  background: var(--field-high);
}
.figure[aria-pressed='true'] .name {
  font-weight: 700;
}
.figure:focus-visible {
  outline-offset: -3px;
}
.strip {
  height: 56px;
}
.name {
  overflow-wrap: anywhere;
  line-height: 1.15;
  font-size: 1.0625rem;
}
.about {
  font-size: 0.875rem;
  text-align: right;
}
@media (max-width: 640px) {
  .figure {
    grid-template-columns: 52px minmax(0, 1fr);
  }
  .about {
    display: none;
  }
}
</style>
