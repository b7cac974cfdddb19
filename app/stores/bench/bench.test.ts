import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { ingredientKey, moveKey } from '../../../core'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { useBench } from './bench'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

const plain = (parts: readonly { paint: { id: string }; drops: number }[] | undefined) =>
  parts?.map(({ paint, drops }) => ({ paint: paint.id, drops }))

/** The move at hand, with what is mixed for it first. */
function lay(bench: ReturnType<typeof useBench>): void {
  while (bench.turn?.kind === 'mix') bench.next()
  bench.next()
}

describe('the bench', () => {
  beforeEach(() => setActivePinia(createPinia()))
  async function begin() {
    const store = useProject()
    store.setFigure(store.figure.id, { many: 3 })
    const bench = useBench()
    const ladder = useLadder()
    await until(() => ladder.searching).toBe(false)
    await until(() => bench.ready).toBe(true)
    return { store, bench, ladder }
  }

  it('goes through every move once and back again; bottles end where they began', async () => {
    const { store, bench } = await begin()
    const bottles = () => JSON.stringify(store.project.bottles ?? {})
    store.setBottle('titanium-white', { leftMl: 10 })
    const before = bottles()
    const all = bench.left
    const order: { kind: 'mix' | 'lay'; id: string }[] = []
    while (bench.turn) {
      const { kind, id, move } = bench.turn
      order.push({ kind, id })
      bench.next()
      // The order of what is left may change; what is done is done, and a well once mixed stands open.
      await nextTick()
      expect(bench.done.has(move.id)).toBe(kind === 'lay')
    }
    // Done at once, nothing dries up between, as some would have by the clock.
    expect(order.length).toBeLessThanOrEqual(all)
    expect(new Set(order.map(({ id }) => id)).size).toBe(order.length)
    // A coat a step on each of three; the base is its own undercoat. Each is laid after what it needs is mixed.
    expect(order.filter(({ kind }) => kind === 'lay')).toHaveLength(3 * useLadder().steps.length)
    expect(order.filter(({ kind }) => kind === 'mix')).toHaveLength(store.project.mixed!.length)
    expect(new Set(store.project.mixed!.map(({ well }) => well)).size).toBe(
      store.project.mixed!.length,
    )
    expect(bottles()).not.toBe(before)
    for (const { kind, id } of order.toReversed()) {
      if (kind === 'lay') expect(moveKey(store.project.done!.at(-1)!)).toBe(id)
      bench.back()
    }
    expect(store.project.mixed).toEqual([])
    await until(() => bench.left).toBe(all)
    expect(JSON.parse(bottles())['titanium-white'].leftMl).toBeCloseTo(10, 9)
  })

  it('says of a well that is mixed again that it has dried up, and of no other', async () => {
    const { store, bench } = await begin()
    const first = bench.turn!
    expect(first.kind).toBe('mix')
    const mixes = () => bench.mixedFor(bench.now!.move)
    const [well] = mixes()
    expect(mixes().some(({ of }) => bench.mixedBefore(of))).toBe(false)
    bench.next()
    // It stands open, so it is not mixed again.
    await nextTick()
    const standing = store.project.mixed!
    expect(standing).toHaveLength(1)
    expect(mixes().some(({ of }) => bench.mixedBefore(of))).toBe(false)
    store.setMixed(standing.map((one) => ({ ...one, at: one.at - 24 * 3_600_000 })))
    await until(() => mixes().some(({ of }) => ingredientKey(of) === ingredientKey(well!.of))).toBe(
      true,
    )
    expect(
      mixes()
        .filter(({ of }) => bench.mixedBefore(of))
        .map(({ of }) => of),
    ).toEqual([well!.of])
  })

  it('mixes for a figure alongside are those it has when it is chosen itself', async () => {
    const { store, bench, ladder } = await begin()
    const [isaura, mei] = [store.figure.id, store.project.figures[3]!.id]
    bench.set({ along: [mei], atOnce: 1 })
    await until(() => bench.along.length).toBe(1)
    const ofMei = () =>
      bench.plan.moves.map(({ move }) => move).filter(({ figure }) => figure === mei)
    await until(() => ofMei().length > 0).toBe(true)
    const coated = () =>
      ofMei()
        .filter(({ of }) => of.kind === 'coat')
        .map((move) => ({ id: move.id, parts: plain(bench.coatOf(move)?.parts) }))
    await until(() => coated().every(({ parts }) => parts !== undefined)).toBe(true)
    const alongside = coated()
    expect(alongside.length).toBeGreaterThanOrEqual(4)

    store.chooseFigure(mei)
    await nextTick()
    await until(() => ladder.searching).toBe(false)
    const base = ladder.steps.find(({ key }) => key === 'base')!
    // A coat is laid of shares, a step is mixed in drops.
    const whole = base.parts.reduce((sum, { drops }) => sum + drops, 0)
    const laid = alongside[0]!.parts!
    expect(laid.map(({ paint }) => paint)).toEqual(base.parts.map(({ paint }) => paint))
    laid.forEach(({ drops }, i) => expect(drops).toBeCloseTo(base.parts[i]!.drops / whole, 12))
    store.chooseFigure(isaura)
    await nextTick()
    expect(bench.along.map(({ id }) => id)).toEqual([mei])
  })

  it('what puts a well right leaves the bottles with what is written down of it, as one undo', async () => {
    const { store } = await begin()
    store.setBottle('titanium-white', { leftMl: 10 })
    const { leftMl } = store.project.bottles!['titanium-white']!
    const entry = {
      id: 'righted',
      at: '2026-12-01T19:00:00.000Z',
      who: 'Isaura',
      what: 'Mix Base',
      parts: [{ paint: 'titanium-white', drops: 3 }],
      predicted: { L: 60, a: 12, b: 18 },
    }
    expect(store.addToLog(entry, [{ paint: 'titanium-white', drops: 2 }])).toBe(true)
    expect(store.project.bottles!['titanium-white']!.leftMl).toBeLessThan(leftMl!)
    store.undo()
    expect(store.project.bottles!['titanium-white']!.leftMl).toBe(leftMl)
    expect(store.project.log ?? []).toEqual([])
  })

  it('one painted alongside comes with all of its kind, as many as it is painted with itself', async () => {
    const { store, bench } = await begin()
    const mei = store.project.figures[3]!.id
    store.setFigure(mei, { many: 4 })
    bench.set({ along: [mei], atOnce: 1 })
    const lanes = () =>
      bench.rotation.filter(({ figure }) => figure === mei).map(({ copy }) => copy)
    await until(() => lanes().length).toBe(4)
    expect(lanes()).toEqual([1, 2, 3, 4])
    await until(() => bench.plan.moves.some(({ move }) => move.copy === 4)).toBe(true)
    // Mixed for several of them at once, anew only where it would have dried up.
    await until(() => bench.mixesToCome.length > 0).toBe(true)
    const bases = bench.plan.moves.filter(
      ({ move, mixes }) => move.figure === mei && mixes && move.words.startsWith('Base coat'),
    )
    expect(bases.length).toBeLessThan(3)
  })

  it('glazes of life of a figure alongside are known by their place', async () => {
    const { store, bench } = await begin()
    const isaura = store.figure.id
    const mei = store.project.figures[3]!.id
    store.chooseFigure(mei)
    store.toggleAccent('lower-lip')
    store.chooseFigure(isaura)
    bench.set({ along: [mei], atOnce: 1 })
    const glaze = () => bench.plan.moves.find(({ move }) => move.of.kind === 'accent')?.move
    await until(() => glaze() !== undefined).toBe(true)
    await until(() => bench.coatOf(glaze()!) !== undefined).toBe(true)
    expect(bench.coatOf(glaze()!)).toMatchObject({
      kind: 'glaze',
      place: [{ zones: ['lower-lip'] }],
    })
    expect(bench.coatOf(glaze()!)!.thinner).toBeGreaterThan(2)
  })

  it('a timer that is stopped early teaches how coats dry here, one that has run out does not', async () => {
    vi.useFakeTimers({ toFake: ['Date'], now: 1e12 })
    try {
      const { store, bench } = await begin()
      const done = () => moveKey(store.project.done!.at(-1)!)
      while (store.project.done?.at(-1)?.of.kind !== 'coat') bench.next()
      bench.dry()
      const minutes = bench.timers[0]!.leftMs / 60_000
      expect(bench.timers[0]!.words).toMatch(/^Isaura, ferrywoman, \d of 3, /)
      expect(minutes).toBeGreaterThan(5)
      vi.setSystemTime(1e12 + 60_000 * (minutes + 1))
      bench.stopTimer(done())
      expect(bench.timers).toEqual([])
      expect(store.figure.bench?.dried ?? []).toEqual([])
      bench.dry()
      vi.setSystemTime(Date.now() + 30_000 * minutes)
      bench.stopTimer(done())
      const [told] = store.figure.bench!.dried!
      expect(told!.tookMin / told!.reckonedMin).toBeCloseTo(0.5, 2)
      expect(bench.habits.drying[told!.kind] ?? 1).toBeLessThanOrEqual(1)
    } finally {
      vi.useRealTimers()
    }
  })

  it('what is done stays with its coat when coats change places, and with its figure when it is alongside', async () => {
    const { store, bench } = await begin()
    const coats = useCoats()
    bench.set({ atOnce: 1 })
    await until(() => bench.plan.moves.length).toBe(7)
    lay(bench)
    const [first, second, ...rest] = coats.plan.coats
    expect(store.project.done!.at(-1)!.of).toEqual({ kind: 'coat', coat: first!.id })
    coats.set({ coats: [second!, first!, ...rest] })
    await nextTick()
    const doneAt = () =>
      coats.plan.coats.flatMap(({ id }, i) =>
        bench.done.has(
          moveKey({ figure: store.figure.id, copy: 1, of: { kind: 'coat', coat: id } }),
        )
          ? [i]
          : [],
      )
    expect(doneAt()).toEqual([1])
    // Taken off and laid again: another coat, of which nothing is done.
    coats.set({ coats: [second!, { ...first!, id: 'laid-again' }, ...rest] })
    expect(doneAt()).toEqual([])

    coats.set({ coats: [first!, second!, ...rest] })

    const isaura = store.figure.id
    store.chooseFigure(store.project.figures[3]!.id)
    bench.set({ along: [isaura] })
    await until(() => bench.along.length).toBe(1)
    const firstDone = { figure: isaura, copy: 1, of: { kind: 'coat', coat: first!.id } } as const
    expect(bench.done.has(moveKey(firstDone))).toBe(true)
  })
})
