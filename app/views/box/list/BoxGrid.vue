<script setup lang="ts">
import { useElementSize, useVirtualList } from '@vueuse/core'
import { computed, nextTick, ref, watch } from 'vue'
import type { Paint } from '../../../../core'
import { useProject } from '../../../stores/project'
import DrawdownStrip from './DrawdownStrip.vue'

/**
 * All bottles; only the rows in sight are drawn, and rows keep their places on the page while other
 * paints move through them, which is lighter than making them anew. Arrows walk, Space puts in and takes out.
 */
const props = defineProps<{ paints: readonly Paint[]; chosen: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
const store = useProject()

const ROW = 152
const LEAST_WIDTH = 196
const frame = ref<HTMLElement>()
const { width } = useElementSize(frame)
const columns = computed(() => Math.max(1, Math.floor((width.value || 800) / LEAST_WIDTH)))
const rows = computed(() =>
  Array.from({ length: Math.ceil(props.paints.length / columns.value) }, (_, r) =>
    // Places only: the list is made reactive all through, and paints are too large for that.
    Array.from(
      { length: Math.min(columns.value, props.paints.length - r * columns.value) },
      (_, c) => r * columns.value + c,
    ),
  ),
)
const { list, containerProps, wrapperProps, scrollTo } = useVirtualList(rows, {
  itemHeight: ROW,
  overscan: 1,
})
// Another list starts at its top; the same list keeps its place.
watch([columns, () => props.paints.map(({ id }) => id).join()], () => scrollTo(0))

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
      <div v-bind="wrapperProps">
        <ul
          v-for="({ data }, row) in list"
          :key="row"
          :style="{ height: `${ROW}px`, gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }"
        >
          <DrawdownStrip
            v-for="(place, column) in data.filter((one) => one < paints.length)"
            :key="column"
            :paint="paints[place]!"
            :chosen="paints[place]!.id === chosen"
            @choose="emit('choose', paints[place]!.id)"
          />
        </ul>
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
ul {
  display: grid;
  gap: 14px;
  padding: 0;
  margin: 0;
}
</style>
