import { defineComponent, Fragment, onBeforeUnmount, shallowRef } from 'vue'
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
function queue(come: () => void): void {
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

/** Parts of a room that come one after the other, each in a task of its own: all at once would hold the page. */
export default defineComponent((_, { slots }) => {
  const many = shallowRef(0)
  let all = 1
  const come = (): void => {
    many.value = many.value < all ? many.value + 1 : Infinity
    if (many.value < Infinity) queue(come)
  }
  queue(come)
  onBeforeUnmount(() => {
    const at = waiting.indexOf(come)
    if (at >= 0) waiting.splice(at, 1)
  })
  return () => {
    // What a part is given may be as long to work out as the part.
    if (many.value === 0) return []
    const parts = apart(slots.default?.() ?? [])
    all = parts.length
    return parts.slice(0, many.value)
  }
})
