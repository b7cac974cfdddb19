<script setup lang="ts">
import { ArrowDown, ArrowUp, Delete } from '@element-plus/icons-vue'
import Sortable from 'sortablejs'
import { computed, nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import { cautionFor, coatKinds, stepPuddle } from '../../../core'
import type { FigureStack } from '../../../core'
import { newId } from '../../vault/newId'
import { useCoats } from '../../stores/coats/coats'
import MixSlot from '../../parts/palette/MixSlot.vue'
import { paintColours } from '../../parts/paintColours'
import { useProject } from '../../stores/project/project'
import CoatFields from './CoatFields.vue'

/** The coats in the order they are laid; dragged, or moved by keys, and changed in place. */
const chosen = defineModel<number>({ required: true })
const coats = useCoats()
const store = useProject()
type Coat = FigureStack['coats'][number]
type Under = FigureStack['under']
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
  const of = { puddle: stepPuddle(store.figure.id, 'half-light') }
  put([...rows.value, { id: newId(), kind: 'glaze', of }])
  chosen.value = rows.value.length - 1
}
const byLightness = computed(() =>
  [...store.paintsIn].sort(
    (one, other) => paintColours(one).masstone.L - paintColours(other).masstone.L,
  ),
)
const darkest = computed(() => byLightness.value[0]?.id ?? 'carbon-black')
const lightest = computed(() => byLightness.value.at(-1)?.id ?? 'titanium-white')
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
const cautionOf = ({ kind }: Coat, at: number): string => {
  const parts = coats.trouble ? [] : (coats.stack.coats[at]?.parts ?? [])
  return coatKinds[kind].sprayed
    ? cautionFor('spraying', [...new Set(parts.flatMap(({ paint }) => paint.hazards))])
    : ''
}
/** The undercoat as one colour or as a value sketch; what it was of stays where it can. */
function setUnder(kind: string): void {
  const { under } = coats.plan
  const dark = under.kind === 'flat' ? under.of : under.dark
  coats.set({
    under:
      kind === 'flat'
        ? { kind: 'flat', of: dark }
        : {
            kind: 'sketch',
            dark: { bottle: darkest.value },
            light: { bottle: lightest.value },
            strength: 0.85,
            elevation: 60,
          },
  })
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
        @change="setUnder(valueOf($event))"
      >
        <option value="flat">one colour</option>
        <option value="sketch">dark, then white from above</option>
      </select>
      <MixSlot
        v-if="coats.plan.under.kind === 'flat'"
        what="the undercoat"
        :of="coats.plan.under.of"
        @put="coats.set({ under: { kind: 'flat', of: $event } })"
      />
      <template v-else>
        <MixSlot
          what="the dark undercoat"
          :of="coats.plan.under.dark"
          @put="coats.set({ under: { ...coats.plan.under, dark: $event } as Under })"
        />
        <MixSlot
          what="the light from above"
          :of="coats.plan.under.light"
          @put="coats.set({ under: { ...coats.plan.under, light: $event } as Under })"
        />
      </template>
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
        <span v-if="cautionOf(coat, i)" class="soft caution">{{ cautionOf(coat, i) }}</span>
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
