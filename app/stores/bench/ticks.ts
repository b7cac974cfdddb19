import { ref, watch } from 'vue'
import { draftOf, draftsRecalled, dropDraft, keepDraft } from '../../vault/drafts'

const known = (found: unknown): number[] | undefined =>
  Array.isArray(found) && found.every((one) => typeof one === 'number') ? found : undefined

/** Parts of the well at hand that are in it already, by their places; there again after a reload. */
export function useTicks(of: () => string) {
  const ticked = ref<number[]>([])
  watch(
    of,
    (now, before) => {
      // What was mixed need not be known any more.
      if (before) dropDraft(before)
      ticked.value = (now && known(draftOf(now))) || []
      void draftsRecalled().then(() => {
        if (of() === now && ticked.value.length === 0) ticked.value = known(draftOf(now)) ?? []
      })
    },
    { immediate: true },
  )
  function tick(at: number): void {
    ticked.value = ticked.value.includes(at)
      ? ticked.value.filter((one) => one !== at)
      : [...ticked.value, at]
    if (of()) keepDraft(of(), ticked.value)
  }
  return { ticked, tick }
}
