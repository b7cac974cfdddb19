import { useEventListener, useMutationObserver } from '@vueuse/core'
import type { Ref } from 'vue'

/** What a key acts on; a field that is typed into would open a keyboard on a tablet. */
const ACTS = 'button, a[href], summary, [role=button], [role=spinbutton], [tabindex="0"]'

/** Whether it is there and switched on; asked after every change of the page, so nothing is laid out for it. */
const stands = (one: HTMLElement): boolean =>
  one.isConnected && !one.matches(':disabled, [inert] *, [hidden], [hidden] *')
/** Whether it can take the focus now. */
const takes = (one: HTMLElement): boolean => stands(one) && one.checkVisibility()

/** So many places back, where nothing of where it was is left. */
const BACK = 8

/**
 * An act may take away what it was done with: a coat, its row and the button in it, a notice, or a button that has nothing
 * left to do. The focus would fall to the page, and whoever works by keys begin at its top. It goes to what stood next
 * instead, or back to where it was before. WCAG 2.2, 2.4.3.
 */
export function useHeldFocus(space: Ref<HTMLElement | undefined>): void {
  const earlier: HTMLElement[] = []
  let last: HTMLElement | undefined
  /** What holds it, from the nearest, and all acts in their order. */
  let holders: HTMLElement[] = []
  let acts: HTMLElement[] = []
  useEventListener(space, 'focusin', ({ target }) => {
    if (!(target instanceof HTMLElement)) return
    last = target
    earlier.unshift(target)
    earlier.length = Math.min(earlier.length, BACK)
    acts = [...(space.value?.querySelectorAll<HTMLElement>(ACTS) ?? [])]
    holders = []
    for (let at = target.parentElement; at && !at.matches('#room'); at = at.parentElement)
      holders.push(at)
  })
  // Gone elsewhere by the painter, not taken away.
  useEventListener(space, 'focusout', ({ relatedTarget }) => {
    if (relatedTarget) last = undefined
  })
  function next(lost: HTMLElement): HTMLElement | undefined {
    const at = acts.indexOf(lost)
    const near = [...acts.slice(at + 1), ...acts.slice(0, Math.max(at, 0)).reverse()].filter(takes)
    for (const holder of holders.filter((one) => one.isConnected && space.value?.contains(one))) {
      const inIt = [...near, ...holder.querySelectorAll<HTMLElement>(ACTS)]
      const found = inIt.find((one) => holder.contains(one) && takes(one))
      if (found) return found
    }
    return earlier.find(takes)
  }
  useMutationObserver(
    space,
    () => {
      // What is switched off loses it with the next picture only.
      const fallen = [document.body, last].includes(document.activeElement as HTMLElement)
      if (!last || stands(last) || !fallen) return
      const to = next(last)
      last = undefined
      to?.focus({ preventScroll: true })
    },
    { subtree: true, childList: true, attributeFilter: ['disabled', 'hidden', 'inert'] },
  )
}
