import { effectScope, nextTick, reactive } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import type { Picture } from '../../../core'
import { threads } from '../../workers/threads'
import { openPicture } from './openPicture'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

/** A picture of one colour, as the worker would hand it back. */
const flat = (byte: number): Picture => ({
  width: 12,
  height: 8,
  pixels: Uint8ClampedArray.from({ length: 4 * 12 * 8 }, (_, i) => (i % 4 === 3 ? 255 : byte)),
})

/** A worker that keeps what is opened by its slot, and says where each question went. */
function pictureWorker() {
  const open = new Map<string, number>()
  const asked: string[] = []
  let fails = ''
  vi.spyOn(threads, 'picture').mockReturnValue({
    open: async (slot: string, file: File) => {
      await Promise.resolve()
      if (fails) throw new RangeError(fails)
      open.set(slot, Number(await file.text()))
      return flat(open.get(slot)!)
    },
    tones: (slot: string) => {
      asked.push(`tones ${slot}`)
      return Promise.resolve({ tones: [], tone: { kind: 'hide' }, off: open.get(slot), skinOff: 9 })
    },
    colourAt: (slot: string, at: { x: number }) => {
      asked.push(`colour ${slot}`)
      return Promise.resolve({ L: open.get(slot)! + at.x, a: 0, b: 0 })
    },
    close: (slot: string) => Promise.resolve(void open.delete(slot)),
  } as never)
  return { asked, open, fail: (why: string) => (fails = why) }
}
const file = (byte: number): File => new File([String(byte)], `${byte}.png`)
const settled = async (): Promise<void> => {
  for (let n = 0; n < 12; n++) await Promise.resolve()
  await new Promise((resolve) => setTimeout(resolve, 5))
  await nextTick()
}
const inScope = <T>(make: () => T): T => effectScope(true).run(make)!

describe('pictures by slot', () => {
  it('two that are open answer each its own click, and neither the other’s', async () => {
    const { asked } = pictureWorker()
    const [neat, tint] = ['neat', 'tint'].map((slot) => inScope(() => reactive(openPicture(slot))))
    neat!.open(file(30))
    tint!.open(file(70))
    await settled()
    expect([neat!.name, tint!.name]).toEqual(['30.png', '70.png'])
    neat!.pick({ x: 1, y: 1 })
    await settled()
    expect(neat!.point?.lab.L).toBe(31)
    expect(tint!.point).toBeUndefined()
    expect(asked.filter((one) => one.startsWith('colour'))).toEqual(['colour neat'])
    tint!.showNeutral({ x: 2, y: 2 })
    await settled()
    expect(neat!.neutral).toBeUndefined()
    expect(tint!.neutral).toEqual({ x: 2, y: 2 })
  })

  it('a neutral that is shown asks anew for tones and for the place that was picked', async () => {
    const { asked } = pictureWorker()
    const picture = inScope(() => reactive(openPicture('tone')))
    picture.open(file(50), 'isaura')
    await settled()
    picture.pick({ x: 3, y: 0 })
    await settled()
    asked.length = 0
    picture.showNeutral({ x: 5, y: 5 })
    await settled()
    expect(asked.sort()).toEqual(['colour tone', 'tones tone'])
    expect(picture.owner).toBe('isaura')
  })

  it('one that cannot be opened says its name and leaves the one before; another takes its trouble away', async () => {
    const { fail } = pictureWorker()
    const picture = inScope(() => reactive(openPicture('tone')))
    picture.open(file(40))
    await settled()
    fail('this PNG is damaged and cannot be decoded')
    picture.open(file(41))
    await settled()
    expect(picture.trouble).toBe(
      '“41.png” was not opened: this PNG is damaged and cannot be decoded.',
    )
    expect(picture.name).toBe('40.png')
    expect(picture.progress).toBeUndefined()
    fail('')
    picture.open(file(42))
    await settled()
    expect([picture.trouble, picture.name]).toEqual(['', '42.png'])
  })

  it('what was chosen is counted, and goes with the next picture; closed, nothing is left here or there', async () => {
    const { open } = pictureWorker()
    const picture = inScope(() => reactive(openPicture('card')))
    picture.open(file(10))
    await settled()
    picture.choose(Uint8Array.from({ length: 96 }, (_, i) => (i < 7 ? 1 : 0)))
    expect(picture.chosen).toBe(7)
    picture.open(file(11))
    await settled()
    expect([picture.chosen, picture.mask]).toEqual([0, undefined])
    picture.close()
    await settled()
    expect([picture.picture, picture.name, picture.owner]).toEqual([undefined, '', ''])
    expect(open.size).toBe(0)
  })
})
