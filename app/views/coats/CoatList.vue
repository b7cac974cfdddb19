<script setup lang="ts">
import { ArrowDown, ArrowUp, Delete } from '@element-plus/icons-vue'
import Sortable from 'sortablejs'
import { computed, nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import { cautionFor, coatKinds } from '../../../core'
import type { FigureStack } from '../../../core'
import { newId } from '../../vault/newId'
import { useCoats } from '../../stores/coats'
import { paintColours } from '../../parts/paintColours'
import { isKnown, nameOf, paintOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import CoatFields from './CoatFields.vue'

/** The coats in the order they are laid; dragged, or moved by keys, and changed in place. */
const chosen = defineModel<number>({ required: true })
const coats = useCoats()
const store = useProject()
type Coat = FigureStack['coats'][number]
const list = ref<HTMLOListElement>()
const rows = computed(() => coats.plan.coats)

function put(changed: Coat[], tag = ''): void {
  coats.set({ coats: changed }, tag)
}
const change = (at: number, made: Partial<Coat>): void =>
  put(
    rows.value.map((coat, i) => (i === at ? { ...coat, ...made } : coat)),
    `coat ${rows.value[at]!.id} ${Object.keys(made).join()}`,
  )
function move(from: number, to: number): void {
  if (to < 0 || to >= rows.value.length || to === from) return
  const changed = [...rows.value]
  changed.splice(to, 0, ...changed.splice(from, 1))
  chosen.value = to
  put(changed)
  void nextTick(() => list.value?.querySelectorAll<HTMLElement>('li')[to]?.focus())
}
function keys(event: KeyboardEvent, at: number): void {
  if (event.target !== event.currentTarget) return
  if (event.key === 'Delete') return remove(at)
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  if (event.altKey) return move(at, at + by)
  list.value?.querySelectorAll<HTMLElement>('li')[at + by]?.focus()
}
const remove = (at: number): void => put(rows.value.filter((_, i) => i !== at))
const add = (): void => {
  put([...rows.value, { id: newId(), kind: 'glaze', mix: 'half-light', place: 'all' }])
  chosen.value = rows.value.length - 1
}
const byLightness = computed(() =>
  [...store.paintsIn].sort(
    (one, other) => paintColours(one).masstone.L - paintColours(other).masstone.L,
  ),
)
const darkest = computed(() => byLightness.value[0]?.id ?? 'carbon-black')
const lightest = computed(() => byLightness.value.at(-1)?.id ?? 'titanium-white')
/** Bottles that are in, and what the undercoat is now. */
const undercoats = computed(() => {
  const { under } = coats.plan
  const now = under.kind === 'flat' ? under.paint : under.dark
  return [...new Set([now, ...store.paintsIn.map(({ id }) => id)])]
})
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const cautionOf = ({ kind, mix }: Coat): string => {
  if (!coatKinds[kind].sprayed) return ''
  const ids = typeof mix === 'string' ? [] : mix.map(([id]) => id)
  return cautionFor(
    'spraying',
    ids.flatMap((id) => (isKnown(id) ? paintOf(id).hazards : [])),
  )
}
let sortable: Sortable | undefined
onMounted(() => {
  sortable = Sortable.create(list.value!, {
    handle: '.handle',
    animation: 0,
    onEnd: ({ oldIndex, newIndex, item }) => {
      if (oldIndex === undefined || newIndex === undefined) return
      // The list draws itself anew; the dragged row goes back to where the list has it.
      const parent = list.value!
      parent.insertBefore(item, parent.children[oldIndex + (newIndex < oldIndex ? 1 : 0)] ?? null)
      move(oldIndex, newIndex)
    },
  })
})
onBeforeUnmount(() => sortable?.destroy())
</script>

<template>
  <section aria-label="Coats" class="coats">
    <div class="under">
      <h2>Undercoat</h2>
      <select
        class="text-field"
        aria-label="Undercoat"
        :value="coats.plan.under.kind"
        @change="
          coats.set({
            under:
              valueOf($event) === 'flat'
                ? { kind: 'flat', paint: darkest }
                : {
                    kind: 'sketch',
                    dark: darkest,
                    light: lightest,
                    strength: 0.85,
                    elevation: 60,
                  },
          })
        "
      >
        <option value="flat">one colour</option>
        <option value="sketch">dark, then white from above</option>
      </select>
      <select
        class="text-field"
        :aria-label="
          coats.plan.under.kind === 'flat' ? 'Colour of the undercoat' : 'Dark under the white'
        "
        :value="coats.plan.under.kind === 'flat' ? coats.plan.under.paint : coats.plan.under.dark"
        @change="
          coats.set({
            under:
              coats.plan.under.kind === 'flat'
                ? { kind: 'flat', paint: valueOf($event) }
                : { ...coats.plan.under, dark: valueOf($event) },
          })
        "
      >
        <option v-for="id in undercoats" :key="id" :value="id">{{ nameOf(id) }}</option>
      </select>
    </div>
    <ol ref="list">
      <li
        v-for="(coat, i) in rows"
        :key="coat.id"
        tabindex="0"
        :aria-label="`Coat ${i + 1}, ${coatKinds[coat.kind].name}; Alt with up or down moves it`"
        :class="{ chosen: chosen === i }"
        @focus="chosen = i"
        @keydown="keys($event, i)"
      >
        <span class="handle" title="Drag to another place" aria-hidden="true">⠿</span>
        <CoatFields :coat="coat" :at="i" @change="change(i, $event)" />
        <span class="tools">
          <button
            type="button"
            class="plain icon"
            :aria-label="`Lay coat ${i + 1} earlier`"
            :disabled="i === 0"
            @click="move(i, i - 1)"
          >
            <ArrowUp />
          </button>
          <button
            type="button"
            class="plain icon"
            :aria-label="`Lay coat ${i + 1} later`"
            :disabled="i === rows.length - 1"
            @click="move(i, i + 1)"
          >
            <ArrowDown />
          </button>
          <button
            type="button"
            class="plain icon"
            :aria-label="`Take coat ${i + 1} off`"
            @click="remove(i)"
          >
            <Delete />
          </button>
        </span>
        <span v-if="cautionOf(coat)" class="soft caution">{{ cautionOf(coat) }}</span>
      </li>
    </ol>
    <button type="button" class="plain" @click="add">Lay another coat</button>
  </section>
</template>

<style scoped>
.under {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 6px;
}
ol {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  align-items: center;
  border-top: 1px solid var(--field-low);
  padding: 3px 4px;
  font-size: 14px;
}
li.chosen {
  background: var(--field-high);
}
.handle {
  cursor: grab;
  padding: 4px 2px;
  font-size: 18px;
}
.tools {
  display: flex;
  gap: 2px;
  margin-left: auto;
}
.icon {
  padding: 6px;
  min-height: 30px;
}
.icon svg {
  width: 15px;
  display: block;
}
.caution {
  flex-basis: 100%;
}
</style>
