import { defineAsyncComponent, h, shallowRef } from 'vue'
import type { Component } from 'vue'

/**
 * A part that comes when it is there; the room does not wait for it. Where its file does not come that is said, and it
 * can be asked for again.
 * @param meanwhile stands in its place till then.
 */
export function later(load: () => Promise<Component>, meanwhile?: Component): Component {
  const again = shallowRef<() => void>()
  const ask = (): void => {
    const retry = again.value
    again.value = undefined
    retry?.()
  }
  const Waiting = () =>
    again.value
      ? h('p', { role: 'alert', class: 'away' }, [
          'This part could not be loaded; your work is saved. ',
          h('button', { type: 'button', class: 'away-again', onClick: ask }, 'Try again'),
        ])
      : meanwhile && h(meanwhile)
  return defineAsyncComponent({
    loader: load,
    loadingComponent: Waiting,
    delay: 0,
    suspensible: false,
    onError: (_error, retry) => (again.value = retry),
  })
}
