<script setup lang="ts">
import { useElementSize, useVirtualList } from '@vueuse/core'
import { computed, markRaw, nextTick, ref, shallowRef, watch } from 'vue'
import type { Paint } from '../../../../core'
import { useProject } from '../../../stores/project/project'
import BoxRow from './BoxRow.vue'
import { useWarmDrawdowns } from './useWarmDrawdowns'

/**
 * All bottles; only the rows in sight are drawn. A row that leaves at one end serves again at the
 * other, and another list comes in a row a frame, so that no frame draws more than a few strips.
 * Arrows walk, Space puts in and takes out.
 */
const props = defineProps<{ paints: readonly Paint[]; chosen: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
const store = useProject()

const ROW = 152
const LEAST_WIDTH = 196
const frame = ref<HTMLElement>()
const { width, height } = useElementSize(frame)
const columns = computed(() => Math.max(1, Math.floor((width.value || 800) / LEAST_WIDTH)))
const rows = computed(() =>
  Array.from({ length: Math.ceil(props.paints.length / columns.value) }, (_, row) => row),
)
const { list, containerProps, scrollTo } = useVirtualList(rows, { itemHeight: ROW, overscan: 1 })
/** Rows that can be in sight at once, so that a row's place modulo this names its elements. */
const pool = computed(() => Math.ceil((height.value || 800) / ROW) + 3)

const inRows = (paints: readonly Paint[]): Paint[][] =>
  markRaw(rows.value.map((row) => paints.slice(row * columns.value, (row + 1) * columns.value)))
const newRows = computed(() => inRows(props.paints))
const oldRows = computed(() => inRows(old.value))
const old = shallowRef<readonly Paint[]>([])
/** Rows in sight that show the present list already; the others still show the old one. */
const fresh = ref(Infinity)
function freshen(): void {
  fresh.value = fresh.value + 1 < list.value.length ? fresh.value + 1 : Infinity
  if (fresh.value < Infinity) requestAnimationFrame(freshen)
}
// Another list starts at its top; the same list keeps its place.
watch([columns, () => props.paints] as const, ([wide, paints], [wasWide, was]) => {
  if (
    wide === wasWide &&
    paints.length === was.length &&
    paints.every((p, i) => p.id === was[i]?.id)
  )
    return
  old.value = wide === wasWide ? was : []
  if (fresh.value === Infinity) requestAnimationFrame(freshen)
  fresh.value = 1
  scrollTo(0)
})
const paintsOf = (row: number, place: number): readonly Paint[] =>
  (place < fresh.value ? newRows : oldRows).value[row] ?? []
useWarmDrawdowns(() => props.paints)

const steps = (key: string): number =>
  ({ ArrowRight: 1, ArrowLeft: -1, ArrowDown: columns.value, ArrowUp: -columns.value })[key] ?? 0
async function key(event: KeyboardEvent): Promise<void> {
  const id = (event.target as HTMLElement).dataset.paint
  if (!id) return
  if (event.key === ' ') {
    event.preventDefault()
    store.setPaintIn(id, store.project.out.includes(id))
    return
  }
  const by = steps(event.key)
  if (by === 0) return
  event.preventDefault()
  const at = props.paints.findIndex((paint) => paint.id === id)
  const to = Math.max(0, Math.min(props.paints.length - 1, at + by))
  const row = Math.floor(to / columns.value)
  const box = containerProps.ref.value!
  if (row * ROW < box.scrollTop || (row + 1) * ROW > box.scrollTop + box.clientHeight)
    scrollTo(Math.max(0, by > 0 ? row - 1 : row))
  await nextTick()
  await new Promise(requestAnimationFrame)
  const next = props.paints[to]!.id
  box.querySelector<HTMLElement>(`[data-paint="${next}"]`)?.focus()
  emit('choose', next)
}
</script>

<template>
  <div ref="frame" class="frame" @keydown="key">
    <div v-bind="containerProps" class="scroll" tabindex="-1">
      <div class="all" :style="{ height: `${rows.length * ROW}px` }">
        <BoxRow
          v-for="({ data: row }, place) in list"
          :key="row % pool"
          :paints="paintsOf(row, place)"
          :columns="columns"
          :chosen="chosen"
          :style="{ height: `${ROW}px`, transform: `translateY(${row * ROW}px)` }"
          @choose="emit('choose', $event)"
        />
      </div>
    </div>
  </div>
</template>

<style scoped>
.frame {
  min-height: 0;
  height: 100%;
}
.scroll {
  height: 100%;
  padding: 3px;
  margin: -3px;
}
.all {
  position: relative;
}
</style>
