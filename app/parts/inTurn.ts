import { defineComponent, Fragment, nextTick, onBeforeUnmount, shallowRef } from 'vue'
import type { VNode } from 'vue'

const waiting: (() => void)[] = []
let running = false
/** One a task, so that keys and pointer are heard between. */
function next(): void {
  const come = waiting.shift()
  running = come !== undefined
  if (!come) return
  come()
  setTimeout(next)
}
/** Does something in a task of its own, after what was asked for before. */
export function inItsTurn(come: () => void): void {
  waiting.push(come)
  if (running) return
  running = true
  setTimeout(next)
}

/** What is handed on from a slot of another part stands in one piece. */
function apart(parts: VNode[]): VNode[] {
  const [only] = parts
  const handedOn = parts.length === 1 && only!.type === Fragment && Array.isArray(only!.children)
  return handedOn ? (only!.children as VNode[]) : parts
}

/**
 * Parts of a room that come one after the other, each in a task of its own: all at once would hold the page. So do those
 * of a list that was empty; what is added to others comes at once. `whole` is told once all have come.
 */
export default defineComponent(
  (_, { slots, emit }) => {
    let many = 0
    let waits = false
    const turn = shallowRef(0)
    const come = (): void => {
      waits = false
      many++
      turn.value++
    }
    const ask = (): void => {
      waits = true
      inItsTurn(come)
    }
    ask()
    onBeforeUnmount(() => {
      const at = waiting.indexOf(come)
      if (at >= 0) waiting.splice(at, 1)
    })
    return () => {
      // What a part is given may be as long to work out as the part.
      if (turn.value === 0) return []
      const parts = apart(slots.default?.() ?? [])
      if (parts.length === 0) many = 1
      else if (many >= parts.length) {
        if (many < Infinity) void nextTick(() => emit('whole'))
        many = Infinity
      } else if (!waits) ask()
      return parts.slice(0, many)
    }
  },
  { emits: ['whole'] },
)
