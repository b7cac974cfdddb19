import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { EVERYWHERE } from '../../../core'
import type { Place } from '../../../core'
import { useAsked } from '../../stores/palette/asked'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import PlacePicture from '../place/PlacePicture.vue'
import DropSteps from './DropSteps.vue'
import MixSlot from './MixSlot.vue'
import { pourInto } from './pouring'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

describe('drops of something', () => {
  const steps = async (drops: number, key: string): Promise<number | undefined> => {
    const wrapper = mount(DropSteps, { props: { what: 'white', lab: undefined, drops } })
    await wrapper.trigger('keydown', { key })
    return wrapper.emitted<[number]>('change')?.[0]?.[0]
  }

  it('go up and down by a key: by one from one on, below by half and touches, and no further', async () => {
    const up = [0.1, 0.25, 0.4, 0.5, 1, 4.5, 24]
    expect(await Promise.all(up.map((drops) => steps(drops, 'ArrowUp')))).toEqual([
      0.2,
      expect.closeTo(0.3, 9),
      0.5,
      1,
      2,
      5,
      undefined,
    ])
    const down = [24, 4.5, 2, 1, 0.5, 0.25, 0.1]
    expect(await Promise.all(down.map((drops) => steps(drops, 'ArrowDown')))).toEqual([
      23,
      4,
      1,
      0.5,
      0.4,
      0.2,
      undefined,
    ])
    expect(await steps(3, 'x')).toBeUndefined()
  })

  it('are said in words for who does not see the beads', () => {
    const wrapper = mount(DropSteps, { props: { what: 'white', lab: undefined, drops: 0.1 } })
    expect(wrapper.attributes()).toMatchObject({
      role: 'spinbutton',
      'aria-label': 'Drops of white',
      'aria-valuetext': 'a touch',
    })
  })
})

describe('a place for a mix', () => {
  const slot = (of: { bottle: string } | undefined) =>
    mount(MixSlot, { props: { what: 'coat 2', of, instead: 'found' } })

  it('asks which mix when it is pressed, and takes what is in hand', async () => {
    const wrapper = slot({ bottle: 'yellow-ochre' })
    const asked = useAsked()
    const palette = usePalette()
    expect(wrapper.attributes('aria-label')).toBe('Mix of coat 2: yellow ochre; choose another')
    await wrapper.trigger('click')
    expect(asked.mix).toMatchObject({ title: 'coat 2', now: { bottle: 'yellow-ochre' } })
    expect(wrapper.emitted('put')).toBeUndefined()
    asked.mix!.put({ bottle: 'ultramarine' })
    expect(wrapper.emitted('put')![0]).toEqual([{ bottle: 'ultramarine' }])
    palette.inHand = { bottle: 'burnt-umber' }
    await wrapper.trigger('click')
    expect(wrapper.emitted('put')![1]).toEqual([{ bottle: 'burnt-umber' }])
    expect(palette.inHand).toBeUndefined()
  })

  it('says what stands there where nothing was chosen', () => {
    expect(slot(undefined).text()).toBe('found')
  })
})

it('two mixes poured together are a new one, half and half, that neither is changed by', () => {
  const store = useProject()
  const id = store.makePuddle({
    name: 'tea',
    parts: [{ of: { bottle: 'burnt-umber' }, drops: 1 }],
  })!
  const poured = pourInto({ puddle: id }, { bottle: 'titanium-white' })
  expect(poured.id).toBeUndefined()
  expect(poured.parts.map(({ drops }) => drops)).toEqual([1, 1])
  expect(store.puddleOf(id)!.parts).toHaveLength(1)
})

it('a place is drawn where it is: all of the head, bands of light, one half, a place of life', () => {
  const drawn = (place: Place, kind: 'skin' | 'hide' = 'skin') =>
    mount(PlacePicture, { props: { place, kind, label: 'where' } })
  expect(drawn(EVERYWHERE).findAll('.here')).toHaveLength(1)
  expect(drawn([{ light: ['shadow', 'middle'] }]).findAll('.here')).toHaveLength(2)
  expect(drawn([{ light: ['glint'] }, { down: true }]).findAll('.here')).toHaveLength(2)
  const half = drawn([{ side: 'left', light: ['shadow'] }])
  expect(half.find('clipPath[id$="half0"] path').attributes('d')).toBe('M30 10 H150 V250 H30 Z')
  expect(drawn([{ but: ['nose'] }]).findAll('.bare').length).toBeGreaterThan(0)
  // The hand is looked at for what lies there only.
  expect(
    drawn([{ zones: ['knuckle'] }])
      .find('svg')
      .attributes('viewBox'),
  ).toMatch(/^300 /)
  expect(drawn([{ zones: ['socket'] }], 'hide').findAll('.here').length).toBe(1)
  expect(
    drawn([{ relief: ['deepest'] }])
      .find('.here')
      .attributes('style'),
  ).toContain('dots')
})
