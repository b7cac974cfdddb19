<script setup lang="ts">
import { useShelf } from '../../stores/shelf/shelf'
import type { Summary } from '../../vault/summaries'
import ShelfRow from './ShelfRow.vue'

/** Commissions one below the other, and what is done with each. */
defineProps<{ summaries: readonly Summary[]; now: number; bare?: boolean }>()
const emit = defineEmits<{ failed: [error: unknown] }>()
const shelf = useShelf()
const act = (work: Promise<unknown>): void =>
  void work.catch((error: unknown) => emit('failed', error))

/** The whole commission as one file; what packs it is loaded when it is wanted. */
async function takeAway(id: string): Promise<void> {
  const { takeWhole } = await import('../../parts/files/takeAway')
  await takeWhole(await shelf.projectOf(id))
}
const remove = ({ id, name }: Summary): void =>
  act(
    Promise.all([import('../../messages/say'), shelf.remove(id)]).then(([{ say }]) =>
      say(`“${name}” was deleted.`, {
        name: 'Bring it back',
        run: () => act(shelf.bringBack(id)),
      }),
    ),
  )
async function purge({ id, name }: Summary): Promise<void> {
  const { sure } = await import('../../messages/say')
  const text = `“${name}” and the pictures that only it has leave this browser. This cannot be undone.`
  if (await sure(text, 'Delete for good?', 'Delete for good')) act(shelf.purge(id))
}
</script>

<template>
  <ul class="rows">
    <ShelfRow
      v-for="summary in summaries"
      :key="summary.id"
      :summary="summary"
      :now="now"
      :bare="bare"
      @rename="act(shelf.rename(summary.id, $event))"
      @duplicate="act(shelf.duplicate(summary.id))"
      @take-away="act(takeAway(summary.id))"
      @archive="act(shelf.archive(summary.id, $event))"
      @remove="remove(summary)"
      @bring-back="act(shelf.bringBack(summary.id))"
      @purge="purge(summary)"
    />
  </ul>
</template>

<style scoped>
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
