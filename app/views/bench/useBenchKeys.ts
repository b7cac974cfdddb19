import { useEventListener } from '@vueuse/core'

/** What a key does at the bench; Space, Enter and a pedal's page keys go on, their like go back. */
export interface BenchKeys {
  done: () => void
  back: () => void
  dry: () => void
  right: () => void
  note: () => void
  measure: () => void
  close: () => void
}

/** Where keys are for what has the focus. */
const OWN = ['INPUT', 'SELECT', 'TEXTAREA', 'BUTTON', 'A', 'SUMMARY']
const ARROWS = new Set(['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown'])

export function useBenchKeys(act: BenchKeys): void {
  const acts: Readonly<Record<string, () => void>> = {
    ' ': act.done,
    enter: act.done,
    pagedown: act.done,
    arrowright: act.done,
    arrowdown: act.done,
    backspace: act.back,
    pageup: act.back,
    arrowleft: act.back,
    arrowup: act.back,
    escape: act.close,
    d: act.dry,
    r: act.right,
    n: act.note,
    m: act.measure,
  }
  useEventListener('keydown', (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return
    const at = event.target as HTMLElement
    const does = acts[event.key.toLowerCase()]
    if (!does || at.closest('[role=radiogroup], [role=dialog]')) return
    if (event.key !== 'Escape' && event.key !== 'PageDown' && event.key !== 'PageUp') {
      if (OWN.includes(at.tagName) || at.isContentEditable) return
      // The form turns by them.
      if (ARROWS.has(event.key) && at.tagName === 'CANVAS') return
    }
    does()
    event.preventDefault()
  })
}
