import { mount } from '@vue/test-utils'
import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { starterPaints } from '../../../core'
import { lowTide } from '../../../demo/lowTide'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import { threads } from '../../workers/threads'
import BoxLacks from '../recipe/BoxLacks.vue'
import JudgementNote from '../../parts/JudgementNote.vue'
import LadderDoubt from './steps/LadderDoubt.vue'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

async function begin() {
  const store = useProject()
  store.restore(lowTide(starterPaints.map(({ id }) => id)))
  store.setTable(undefined)
  store.setPlan({ way: 'matched', maxPaints: 3 })
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false)
  return { store, ladder }
}
beforeEach(() => {
  setActivePinia(createPinia())
  vi.restoreAllMocks()
})

describe('how sure a ladder is', () => {
  const bands = (text: string): number[] =>
    [...text.matchAll(/±([\d.]+)/g)].map(([, n]) => Number(n))

  it('shows the whole and the gaps apart; shared bottles make the gaps surer', async () => {
    const { store, ladder } = await begin()
    const note = mount(LadderDoubt)
    await vi.waitFor(() => expect(bands(note.text())).toHaveLength(2), 5000)
    const [whole, gaps] = bands(note.text())
    expect(gaps).toBeLessThan(whole!)
    const before = gaps!
    store.setPlan({ way: 'matched', bottles: 3 })
    await until(() => new Set(ladder.paintsUsed.map(({ id }) => id)).size <= 3).toBe(true)
    await vi.waitFor(() => expect(bands(note.text())[1]).toBeLessThan(before), 5000)
  })

  it('says when it could not be told', async () => {
    await begin()
    vi.spyOn(threads, 'recipe').mockReturnValue({
      doubt: () => Promise.reject(new Error('the worker went away')),
    } as never)
    const note = mount(LadderDoubt)
    await vi.waitFor(() => expect(note.find('[role=alert]').text()).toBe('the worker went away'))
  })
})

it('what is wrong is said with its mend, and the mend takes it away', async () => {
  const { store, ladder } = await begin()
  store.setPlan({ contrast: 0.5 })
  await until(() => ladder.searching).toBe(false)
  const note = mount(JudgementNote)
  await vi.waitFor(() => expect(note.text()).toContain('Too flat'), 5000)
  await note
    .findAll('button')
    .find((button) => button.text() === 'More contrast')!
    .trigger('click')
  expect(store.plan.contrast).toBeGreaterThan(0.5)
})

describe('what the box lacks', () => {
  const props = { target: { L: 60, a: 40, b: -30 }, best: 20 }

  it('names the starter that would help most, with its mix', async () => {
    const { store } = await begin()
    const panel = mount(BoxLacks, { props })
    await panel.find('button').trigger('click')
    expect(panel.text()).toContain('Trying every starter pigment')
    await vi.waitFor(() => expect(panel.find('b').exists()).toBe(true), 20_000)
    const name = panel.find('b').text()
    expect(store.paintsIn.map((paint) => paint.name)).not.toContain(name)
    expect(Number(/bring it to ([\d.]+)/.exec(panel.text().replace(/\s+/g, ' '))![1])).toBeLessThan(
      20,
    )
  })

  it('a search that stops says why, and can be asked again', async () => {
    await begin()
    vi.spyOn(threads, 'box').mockReturnValue({
      wish: () => Promise.reject(new Error('no memory left')),
    } as never)
    const panel = mount(BoxLacks, { props })
    await panel.find('button').trigger('click')
    await vi.waitFor(() =>
      expect(panel.find('[role=alert]').text()).toBe('The search stopped: no memory left'),
    )
    expect(panel.find('button').text()).toBe('Which paint would help most?')
  })
})
