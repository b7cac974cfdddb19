import { mount } from '@vue/test-utils'
import { nextTick } from 'vue'
import { ElOption } from 'element-plus'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { deltaE00, figureSizes, mostOf, starterPaints } from '../../core'
import type { FigureSize } from '../../core'
import { sizeWords } from '../words/sizes'
import ColourPatch from './ColourPatch.vue'
import DropBeads from './DropBeads.vue'
import FieldSwitch from './FieldSwitch.vue'
import LadderStrips from './LadderStrips.vue'
import PutRight from './PutRight.vue'
import AmountField from './field/AmountField.vue'
import FileButton from './field/FileButton.vue'
import SliderRow from './field/SliderRow.vue'
import TroubleNote from './TroubleNote.vue'
import HowMany from './figure/HowMany.vue'
import SizeSelect from './figure/SizeSelect.vue'
import { withDisc, withPolygon } from './picture/mask'
import { useProject } from '../stores/project/project'
import { threads } from '../workers/threads'

vi.mock('comlink', () => import('../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

describe('fields', () => {
  it('an amount is held to its limits, and what is allowed is said', async () => {
    const field = mount(AmountField, {
      props: { label: 'Figures', min: 1, max: 40, whole: true, modelValue: 3 },
    })
    const input = field.find('input')
    expect(input.attributes('aria-label')).toBe('Figures')
    await input.setValue('400')
    expect(field.emitted('update:modelValue')!.at(-1)).toEqual([40])
    expect(field.find('[role=alert]').text()).toBe('Allowed is 1 to 40, not 400.')
    await input.setValue('7')
    expect(field.emitted('update:modelValue')!.at(-1)).toEqual([7])
    expect(field.find('[role=alert]').exists()).toBe(false)
  })

  it('a file is handed on, the same one again too', async () => {
    const button = mount(FileButton, { slots: { default: 'Open it…' } })
    const input = button.find('input[type=file]')
    const file = new File(['1'], 'one.txt')
    for (let n = 1; n <= 2; n++) {
      Object.defineProperty(input.element, 'files', { value: [file], configurable: true })
      await input.trigger('change')
      await vi.waitFor(() => expect(button.emitted('file')).toHaveLength(n))
    }
    expect(button.emitted('file')![1]).toEqual([file])
  })
})

describe('colours', () => {
  it('a patch says when the screen cannot show it', () => {
    const inside = mount(ColourPatch, { props: { lab: { L: 60, a: 10, b: 15 }, label: 'Base' } })
    expect(inside.attributes('aria-label')).toBe('Base')
    expect(inside.find('.cut').exists()).toBe(false)
    const outside = mount(ColourPatch, { props: { lab: { L: 60, a: 100, b: 90 }, label: 'Base' } })
    expect(outside.attributes('aria-label')).toBe('Base, outside what this screen can show')
    expect(outside.find('.cut').exists()).toBe(true)
    expect(mount(ColourPatch, { props: { lab: { L: 0, a: 0, b: 0 } } }).attributes('role')).toBe(
      undefined,
    )
  })

  it('a bead a drop, each in the colour of its paint, a smaller one for less', () => {
    const lab = { L: 60, a: 15, b: 45 }
    const beads = mount(DropBeads, { props: { lab, drops: 4.5 } }).findAll('i')
    expect(beads).toHaveLength(5)
    expect(beads.map((bead) => bead.classes('less'))).toEqual([false, false, false, false, true])
    const colours = new Set(beads.map((bead) => (bead.element as HTMLElement).style.background))
    expect(colours.size).toBe(1)
  })

  it('ladders stand side by side, light above; four of a figure stand twice as wide as one', () => {
    const figures = [
      { id: 'a', name: 'A', many: 1, strip: ['#111111', '#eeeeee'] },
      { id: 'b', name: 'B', many: 4, strip: ['#222222', '#dddddd'] },
      { id: 'c', name: 'C', many: 1 },
    ]
    const strips = mount(LadderStrips, { props: { figures } }).findAll('.one')
    expect(strips).toHaveLength(2)
    const grow = strips.map(({ element }) => Number((element as HTMLElement).style.flexGrow))
    expect(grow[1]! / grow[0]!).toBe(2)
    const [top] = strips[0]!.findAll('span')
    expect((top!.element as HTMLElement).style.background).toContain('#eeeeee')
  })
})

describe('controls', () => {
  it('a slider says its name and value, and hands on a number', async () => {
    const row = mount(SliderRow, {
      props: {
        name: 'Warmth',
        words: 'a little',
        modelValue: 0.5,
        min: -1,
        colours: ['#000', '#fff'],
      },
    })
    const thumb = row.find('[role=slider]')
    expect(thumb.attributes()).toMatchObject({
      'aria-label': 'Warmth',
      'aria-valuetext': 'a little',
      'aria-valuemin': '-1',
      'aria-valuemax': '1',
    })
    await thumb.trigger('keydown', { code: 'End', key: 'End' })
    expect(row.emitted('update:modelValue')!.at(-1)).toEqual([1])
  })

  it('the ground is one of three, pressed where it is', async () => {
    const field = mount(FieldSwitch, { props: { modelValue: 'middle' } })
    const pressed = () => field.findAll('button').map((one) => one.attributes('aria-pressed'))
    expect(pressed()).toEqual(['false', 'true', 'false'])
    await field.find('[aria-label^="Dark"]').trigger('click')
    expect(field.emitted('update:modelValue')).toEqual([['dim']])
  })

  it('a size that is none of the usual ones is offered too, once the list is opened', async () => {
    async function offered(modelValue: FigureSize): Promise<string[]> {
      const select = mount(SizeSelect, { props: { modelValue } })
      await nextTick()
      expect(select.text()).toContain(sizeWords(modelValue))
      expect(select.findAllComponents(ElOption)).toEqual([])
      await select.find('.el-select__wrapper').trigger('click')
      return select.findAllComponents(ElOption).map((option) => String(option.props('label')))
    }
    const usual = figureSizes.map(sizeWords)
    expect(await offered(figureSizes[3]!)).toEqual(usual)
    expect(await offered({ heightMm: 61 })).toEqual([sizeWords({ heightMm: 61 }), ...usual])
  })

  it('how many are painted alike is kept between one and the most', async () => {
    const store = useProject()
    const figure = { id: 'a', many: 3 }
    const set = vi.spyOn(store, 'setFigure').mockReturnValue(true)
    const input = mount(HowMany, { props: { figure } }).find('input')
    expect(input.attributes('max')).toBe(String(mostOf.copies))
    await input.setValue('5')
    await input.trigger('change')
    expect(set).toHaveBeenLastCalledWith('a', { many: 5 })
  })

  it('trouble is an alert with its details, and can be closed', async () => {
    const note = mount(TroubleNote, { props: { text: 'It broke.', details: ['here', 'there'] } })
    expect(note.attributes('role')).toBe('alert')
    expect(note.findAll('li').map((line) => line.text())).toEqual(['here', 'there'])
    await note.find('button').trigger('click')
    expect(note.emitted('close')).toHaveLength(1)
  })
})

describe('choosing pixels', () => {
  const size = { width: 20, height: 10 }
  const chosen = (mask: Uint8Array): number => mask.reduce((sum, v) => sum + v, 0)

  it('a disc holds what lies within its radius, cut off at the edges, and adds to what was chosen', () => {
    const disc = withDisc(undefined, size, { x: 10, y: 5 }, 3)
    let inside = 0
    for (let y = 0; y < 10; y++)
      for (let x = 0; x < 20; x++) if (Math.hypot(x - 10, y - 5) <= 3) inside++
    expect(chosen(disc)).toBe(inside)
    const corner = withDisc(disc, size, { x: 0, y: 0 }, 1)
    expect(chosen(corner)).toBe(inside + 3)
    expect(chosen(disc)).toBe(inside)
  })

  it('a polygon holds its inside', () => {
    const corners = [
      { x: 2, y: 1 },
      { x: 12, y: 1 },
      { x: 12, y: 7 },
      { x: 2, y: 7 },
    ]
    const mask = withPolygon(undefined, size, corners)
    expect(Math.abs(chosen(mask) - 60)).toBeLessThanOrEqual(16)
    expect(mask[4 * 20 + 7]).toBe(1)
    expect(mask[4 * 20 + 15]).toBe(0)
  })
})

describe('putting a well right', () => {
  const parts = [{ paint: 'titanium-white', drops: 6 }]
  const aim = { L: 80, a: 8, b: 20 }
  const begin = () => {
    const store = useProject()
    vi.spyOn(store, 'paintsIn', 'get').mockReturnValue(starterPaints.slice(0, 8) as never)
    return mount(PutRight, {
      props: { parts, aim },
      global: { stubs: { ColourFromPicture: true } },
    })
  }

  it('lists ways, each with more drops and nearer than the one before', async () => {
    const panel = begin()
    await panel.findAll('input[type=checkbox]')[2]!.setValue(true)
    await vi.waitFor(() => expect(panel.findAll('ol li').length).toBeGreaterThan(0))
    const offs = panel.findAll('ol li').map((way) => Number(/off ([\d.]+)/.exec(way.text())![1]))
    for (const [i, off] of offs.entries()) if (i > 0) expect(off).toBeLessThanOrEqual(offs[i - 1]!)
    expect(panel.find('[aria-label="As it looks"]').exists()).toBe(true)
  })

  it('shows what numbers say it looks like, and a failure of the search', async () => {
    const panel = begin()
    await panel.find('input[placeholder]').setValue('60 14 17')
    const off = deltaE00({ L: 60, a: 14, b: 17 }, aim)
    expect(panel.find('.pair').text()).toContain(`off by ${off.toFixed(1)}`)
    vi.spyOn(threads, 'box').mockReturnValue({
      mend: () => Promise.reject(new Error('the well is empty')),
    } as never)
    await panel.find('input[placeholder]').setValue('61 14 17')
    await vi.waitFor(() => expect(panel.find('[role=alert]').text()).toBe('the well is empty'))
    vi.restoreAllMocks()
  })
})
