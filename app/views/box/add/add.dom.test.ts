import { mount } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { labOf, mixPaints, opaqueReflectance, predictMix, starterPaints } from '../../../../core'
import { allPaints, paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import DoubtSteps from './DoubtSteps.vue'
import ShelfList from './ShelfList.vue'
import TintScale from './TintScale.vue'

vi.mock('comlink', () => import('../../../../tests/fixtures/comlinkInProcess'))
const pushed = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push: pushed }) }))
beforeEach(() => {
  setActivePinia(createPinia())
  pushed.mockReset()
})

describe('a whole shelf from a list', () => {
  const list = 'name;pigments;colour;opacity\nharbour clay;PR101 PW6;#a5694f;opaque\nbog;;30 -6 8;'

  it('is shown before it is taken, and stands in the box afterwards, owned', async () => {
    const store = useProject()
    const shelf = mount(ShelfList)
    await shelf.find('textarea').setValue(list)
    const rows = shelf.findAll('[aria-label="Bottles in the list"] li').map((row) => row.text())
    expect(rows).toEqual(['harbour clay opaque · PR101 PW6', 'bog semi-opaque'])
    const before = store.paints.length
    await shelf.findAll('button').at(-1)!.trigger('click')
    await vi.waitFor(() => expect(pushed).toHaveBeenCalledWith({ name: 'Box' }), 10_000)
    expect(store.paints.length).toBe(before + 2)
    const clay = paintOf('harbour-clay')
    expect(clay).toMatchObject({ pigments: ['PR101', 'PW6'], origin: 'estimated' })
    expect(store.project.bottles).toMatchObject({ 'harbour-clay': { owned: true } })
  })

  it('names the line and what is allowed where it is not sound', async () => {
    const shelf = mount(ShelfList)
    await shelf.find('textarea').setValue('clay, red, opaque\nbog, #334433, muddy\n, #fff')
    const told = shelf.find('[role=alert]').text()
    expect(told).toContain('line 1, colour')
    expect(told).toContain('line 2, opacity: "muddy" is no class; allowed is opaque')
    expect(told).toContain('line 3, name: is empty')
    expect(shelf.findAll('button').at(-1)!.attributes('disabled')).toBeDefined()
  })
})

describe('what each answer did', () => {
  it('is a bar an answer, as long as its doubt', () => {
    const doubts = [
      { answer: 'colour and opacity', within: 4 },
      { answer: 'tint', within: 1 },
    ] as const
    const bars = mount(DoubtSteps, { props: { doubts } }).findAll('.bar')
    expect(bars.map(({ element }) => (element as HTMLElement).style.width)).toEqual(['100%', '25%'])
  })

  it('a tint is chosen from five pictures, and can be untold', async () => {
    const tints = [90, 80, 70, 60, 50].map((L) => ({ L, a: 0, b: 0 }))
    const scale = mount(TintScale, { props: { tints, modelValue: 3 } })
    expect(scale.findAll('input[type=radio]')).toHaveLength(5)
    await scale.find('button').trigger('click')
    expect(scale.emitted('update:modelValue')!.at(-1)).toEqual([undefined])
  })
})

it('a bottle filled as artists’ acrylic colours far more, everywhere, and back again', () => {
  const store = useProject()
  const tint = () =>
    labOf(
      opaqueReflectance(
        mixPaints([
          { paint: paintOf('titanium-white'), drops: 9 },
          { paint: paintOf('phthalo-green'), drops: 1 },
        ]),
      ),
    )
  const hobby = tint()
  store.setBottle('phthalo-green', { strength: 'artists' })
  expect(tint().L).toBeLessThan(hobby.L - 10)
  expect(allPaints().find(({ id }) => id === 'phthalo-green')).toBe(paintOf('phthalo-green'))
  store.setBottle('phthalo-green', { strength: 'hobby' })
  expect(tint()).toEqual(hobby)
  const shipped = starterPaints.find(({ id }) => id === 'phthalo-green')!
  expect(paintOf('phthalo-green')).toBe(shipped)
  expect(predictMix([{ paint: shipped, drops: 1 }]).within).toBeGreaterThan(0)
})
