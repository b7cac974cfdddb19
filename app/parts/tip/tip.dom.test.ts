import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { defineComponent, h, withDirectives } from 'vue'
import FoldOut from '../FoldOut.vue'
import TipHost from './TipHost.vue'
import { holdTip, leaveTip, tip, vTip } from './tip'

describe('what is said beside things', () => {
  const Said = defineComponent({
    directives: { tip: vTip },
    props: { words: { type: String, default: 'Keep it' } },
    render() {
      return withDirectives(h('button', 'x'), [[vTip, this.words]])
    },
  })
  const event = (type: string, pointerType: string): Event =>
    Object.assign(new Event(type), { pointerType })

  it('comes to a mouse that rests, a finger that presses and a reader; goes with the pointer or Escape', async () => {
    vi.useFakeTimers()
    const made = mount(Said, { attachTo: document.body })
    const { element } = made
    expect(element.getAttribute('aria-description')).toBe('Keep it')
    element.dispatchEvent(event('pointerenter', 'mouse'))
    await vi.advanceTimersByTimeAsync(200)
    expect(tip.value).toBeUndefined()
    await vi.advanceTimersByTimeAsync(200)
    expect(tip.value).toEqual({ of: element, words: 'Keep it' })
    await made.setProps({ words: 'Kept' })
    expect(tip.value?.words).toBe('Kept')
    // Left for what is said itself, it stays; left for good, it goes.
    element.dispatchEvent(event('pointerleave', 'mouse'))
    holdTip()
    await vi.advanceTimersByTimeAsync(2000)
    expect(tip.value?.words).toBe('Kept')
    leaveTip()
    await vi.advanceTimersByTimeAsync(300)
    expect(tip.value).toBeUndefined()
    // A touch that goes on; one that is short only presses.
    element.dispatchEvent(event('pointerenter', 'touch'))
    element.dispatchEvent(event('pointerdown', 'touch'))
    element.dispatchEvent(event('pointerup', 'touch'))
    await vi.advanceTimersByTimeAsync(1000)
    expect(tip.value).toBeUndefined()
    element.dispatchEvent(event('pointerdown', 'touch'))
    await vi.advanceTimersByTimeAsync(600)
    expect(tip.value?.words).toBe('Kept')
    const host = mount(TipHost)
    dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }))
    expect(tip.value).toBeUndefined()
    // Nothing to say: nothing is said, and no reader is told of it.
    await made.setProps({ words: '' })
    expect(element.hasAttribute('aria-description')).toBe(false)
    element.dispatchEvent(event('pointerenter', 'mouse'))
    await vi.advanceTimersByTimeAsync(1000)
    expect(tip.value).toBeUndefined()
    host.unmount()
    made.unmount()
    vi.useRealTimers()
  })

  it('what folds out is made when it is first seen, and stays', async () => {
    const fold = mount(FoldOut, { props: { name: 'More' }, slots: { default: '<b>inside</b>' } })
    expect(fold.find('b').exists()).toBe(false)
    const head = fold.find('[aria-expanded]')
    expect(head.attributes('aria-expanded')).toBe('false')
    await head.trigger('click')
    expect(fold.find('b').exists()).toBe(true)
    await head.trigger('click')
    expect(fold.find('b').exists()).toBe(true)
    const open = mount(FoldOut, {
      props: { name: 'More', open: true },
      slots: { default: '<b />' },
    })
    expect(open.find('b').exists()).toBe(true)
  })
})
