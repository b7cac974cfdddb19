<script setup lang="ts">
import { ArrowDown, ArrowUp, Close } from '@element-plus/icons-vue'
import { ElButton } from 'element-plus'
import Sortable from 'sortablejs'
import { computed, nextTick, onBeforeUnmount, onMounted, ref } from 'vue'
import { cautionFor, coatKinds, stepPuddle } from '../../../core'
import type { FigureStack } from '../../../core'
import PickOne from '../../parts/field/PickOne.vue'
import { newId } from '../../vault/newId'
import { useCoats } from '../../stores/coats/coats'
import ColourPatch from '../../parts/ColourPatch.vue'
import MixSlot from '../../parts/palette/MixSlot.vue'
import { paintColours } from '../../parts/paintColours'
import { useProject } from '../../stores/project/project'
import EndLook from './EndLook.vue'
import CoatFields from './CoatFields.vue'
import { vTip } from '../../parts/tip/tip'
import InTurn, { inItsTurn } from '../../parts/inTurn'

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
const unders = [
  { key: 'flat', name: 'one colour' },
  { key: 'sketch', name: 'dark, then white from above' },
] as const
const cautionOf = ({ kind }: Coat, at: number): string => {
  const parts = coats.trouble ? [] : (coats.stack.coats[at]?.parts ?? [])
  return coatKinds[kind].sprayed
    ? cautionFor('spraying', [...new Set(parts.flatMap(({ paint }) => paint.hazards))])
    : ''
}
/** The undercoat as one colour or as a value sketch; what it was of stays where it can. */
function underOf(kind: Under['kind']): Under {
  const { under } = coats.plan
  if (kind === under.kind) return under
  if (kind === 'flat') return { kind, of: under.kind === 'flat' ? under.of : under.dark }
  const [dark, light] = [{ bottle: darkest.value }, { bottle: lightest.value }]
  return { kind, dark, light, strength: 0.85, elevation: 60 }
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
// It asks what lies under the pointer, for which the page is laid out: not while the next room comes.
onBeforeUnmount(() => inItsTurn(() => sortable?.destroy()))
</script>

<template>
  <section aria-label="Coats" class="coats">
    <div class="under" data-asks>
      <h2>Undercoat</h2>
      <PickOne
        label="Undercoat"
        bare
        :options="unders"
        :model-value="coats.plan.under.kind"
        @update:model-value="coats.set({ under: underOf($event) })"
      >
        <template #default="{ option }">
          <EndLook :made="{ under: underOf(option) }" />{{
            unders.find(({ key }) => key === option)!.name
          }}
        </template>
      </PickOne>
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
        data-asks
        :aria-label="`Coat ${i + 1}, ${coatKinds[coat.kind].name}; Alt with up or down moves it`"
        :class="{ chosen: chosen === i }"
        @focus="chosen = i"
        @keydown="keys($event, i)"
      >
        <span v-tip="'Drag to another place'" class="handle" aria-hidden="true">
          <ColourPatch v-if="coats.layers" :lab="coats.layers.middle.flat[i + 1]!" />
        </span>
        <InTurn>
          <CoatFields :coat="coat" :at="i" @change="change(i, $event)" />
          <span class="tools">
            <ElButton
              class="icon"
              :aria-label="`Lay coat ${i + 1} earlier`"
              :disabled="i === 0"
              @click="move(i, i - 1)"
            >
              <ArrowUp />
            </ElButton>
            <ElButton
              class="icon"
              :aria-label="`Lay coat ${i + 1} later`"
              :disabled="i === rows.length - 1"
              @click="move(i, i + 1)"
            >
              <ArrowDown />
            </ElButton>
            <ElButton class="icon" :aria-label="`Take coat ${i + 1} off`" @click="remove(i)">
              <Close />
            </ElButton>
          </span>
          <span v-if="cautionOf(coat, i)" class="soft caution">{{ cautionOf(coat, i) }}</span>
        </InTurn>
      </li>
    </ol>
    <ElButton @click="add">Lay another coat</ElButton>
  </section>
</template>

<style scoped>
.under .pick {
  width: 230px;
}
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
  font-size: 0.875rem;
}
li.chosen {
  background: var(--field-high);
}
.handle {
  cursor: grab;
  width: 46px;
  height: 32px;
  background: var(--field-low);
}
/* A stroke as a flat brush leaves it. */
.handle > * {
  height: 100%;
  clip-path: polygon(
    4% 12%,
    22% 0,
    96% 4%,
    88% 22%,
    100% 38%,
    90% 55%,
    97% 78%,
    84% 100%,
    10% 96%,
    0 70%
  );
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
