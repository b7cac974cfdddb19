import { useElementVisibility, useEventListener } from '@vueuse/core'
import { computed, shallowRef } from 'vue'
import type { Ref } from 'vue'

/** Marks a group of controls: what a change made with them means is asked at its end. */
const GROUP = '[data-asks]'

/**
 * The group of controls that was used last, as long as it is in sight; what is pressed inside what is asked is none.
 * @param within the room the groups are in
 * @param asked what is asked, wherever it stands
 */
export function useLastUsed(
  within: Readonly<Ref<HTMLElement | null | undefined>>,
  asked: Readonly<Ref<HTMLElement | null | undefined>>,
) {
  const last = shallowRef<HTMLElement>()
  const note = ({ target }: Event): void => {
    if (!(target instanceof Element) || asked.value?.contains(target)) return
    last.value = target.closest<HTMLElement>(GROUP) ?? undefined
  }
  useEventListener(within, ['pointerdown', 'keydown'], note, { capture: true, passive: true })
  const seen = useElementVisibility(last)
  return computed(() => (seen.value ? last.value : undefined))
}
