import { mount } from '@vue/test-utils'
import { expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import InTurn, { inItsTurn } from './inTurn'

/** One task of the page goes by. */
async function task(): Promise<void> {
  vi.advanceTimersToNextTimer()
  await nextTick()
}

it('parts come one a task; of a list that was empty too, while what is added to others comes at once', async () => {
  vi.useFakeTimers()
  const names = ref(['a', 'b', 'c'])
  const whole = vi.fn()
  const list = mount(
    defineComponent(
      () => () =>
        h(InTurn, { onWhole: whole }, () => names.value.map((name) => h('i', { key: name }, name))),
    ),
  )
  const seen = async (): Promise<string> => {
    await task()
    return list.text()
  }
  expect([list.text(), await seen(), await seen()]).toEqual(['', 'a', 'ab'])
  expect(whole).not.toHaveBeenCalled()
  expect(await seen()).toBe('abc')
  await nextTick()
  expect(whole).toHaveBeenCalledOnce()

  names.value = ['a', 'x', 'b', 'c', 'd']
  await nextTick()
  expect(list.text()).toBe('axbcd')

  names.value = []
  await nextTick()
  names.value = ['e', 'f', 'g']
  await nextTick()
  expect([list.text(), await seen(), await seen()]).toEqual(['e', 'ef', 'efg'])

  // What goes before its turn is not waited for.
  const after = vi.fn()
  const other = mount(InTurn, { slots: { default: () => [h('i'), h('i')] } })
  other.unmount()
  inItsTurn(after)
  await task()
  expect(after).toHaveBeenCalledOnce()
  vi.useRealTimers()
})
