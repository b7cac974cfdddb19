import { onScopeDispose, watch } from 'vue'
import type { Paint } from '../../../../core'
import { drawdownCss } from '../../../parts/drawdown/drawdownCss'

/** Computes the drawdowns of a list ahead, a few at a time while the page has nothing else to do. */
export function useWarmDrawdowns(paints: () => readonly Paint[]): void {
  let stopped = false
  let next = 0
  const soon = (work: (left: () => number) => void): void => {
    if ('requestIdleCallback' in window)
      requestIdleCallback((idle) => work(() => idle.timeRemaining()))
    else setTimeout(() => work(() => 0), 30)
  }
  function some(left: () => number): void {
    const list = paints()
    if (stopped || next >= list.length) return
    do drawdownCss(list[next++]!)
    while (next < list.length && left() > 3)
    soon(some)
  }
  watch(
    () => paints().length,
    () => {
      next = 0
      soon(some)
    },
    { immediate: true },
  )
  onScopeDispose(() => (stopped = true))
}
