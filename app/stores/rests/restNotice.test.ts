import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { stepPuddle } from '../../../core'
import { useBench } from '../bench/bench'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { usePalette } from '../palette/palette'
import { useProject } from '../project/project'
import { useRestNotice } from './restNotice'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

async function settled(): Promise<void> {
  await nextTick()
  await until(() => useLadder().searching).toBe(false)
  await nextTick()
}
/** Drops of every step of the open ladder. */
const drops = () => Object.fromEntries(useLadder().steps.map(({ key, made }) => [key, made]))

describe('what a change does to what is decided', () => {
  beforeEach(() => setActivePinia(createPinia()))
  async function begin() {
    const store = useProject()
    const coats = useCoats()
    await settled()
    // Coats that the painter has laid, of the ladder’s own steps.
    coats.set({ films: undefined })
    const notice = useRestNotice()
    await settled()
    return { store, coats, notice }
  }
  const darker = () => {
    const store = useProject()
    const other = store.project.figures.find(
      ({ id, tone }) => id !== store.figure.id && tone.kind === store.figure.tone.kind,
    )!
    store.setTone(other.tone)
  }

  it('says nothing of a figure on which nothing was decided', async () => {
    const store = useProject()
    const notice = useRestNotice()
    await settled()
    store.setPlan({ steps: 5 })
    await settled()
    expect(notice.questions).toEqual([])
  })

  it('coats follow a new tone and may be kept as they were; each answer is one undo', async () => {
    const { store, notice } = await begin()
    const before = drops()
    darker()
    await settled()
    const after = drops()
    expect(after).not.toEqual(before)
    const [one] = notice.questions
    expect(one).toMatchObject({ about: 'followed', causes: ['tone'] })
    expect(one!.moves.filter(({ kind }) => kind === 'coat').length).toBeGreaterThan(1)
    expect(one!.mixes.every(({ was, is }) => was && is)).toBe(true)
    notice.keep()
    await settled()
    // What coats are painted with is as it was; a step that nothing is painted with follows.
    for (const { key, kept } of useLadder().steps)
      expect(drops()[key], key).toEqual(kept ? before[key] : after[key])
    expect(useLadder().steps.filter(({ kept }) => kept).length).toBeGreaterThan(2)
    expect(notice.questions).toEqual([])
    store.undo()
    await settled()
    expect(drops()).toEqual(after)
    expect(notice.questions).toHaveLength(1)
    store.undo()
    await settled()
    expect(drops()).toEqual(before)
    expect(notice.questions).toEqual([])
    // Asked anew of the next change, however soon it comes.
    darker()
    await settled()
    notice.answer(['followed'])
    store.undo()
    store.setFigure(store.figure.id, { size: { heightMm: 28 } })
    await settled()
    expect(notice.questions).toMatchObject([{ about: 'followed', causes: ['size'] }])
    notice.keep()
    await settled()
    for (const { key, kept } of useLadder().steps)
      if (kept) expect(drops()[key]).toEqual(before[key])
  })

  it('what is being painted keeps its drops, whatever is changed, until it is let follow', async () => {
    const { store, coats, notice } = await begin()
    const bench = useBench()
    bench.set({ atOnce: 1 })
    await until(() => bench.ready).toBe(true)
    await until(() => bench.now !== undefined).toBe(true)
    const laid = () => coats.stack.coats.map(({ parts }) => parts.map(({ paint }) => paint.id))
    const before = laid()
    bench.next()
    await settled()
    darker()
    store.setPlan({ steps: 5, contrast: 1.4 })
    store.setFigure(store.figure.id, { size: { ...store.figure.size, heightMm: 150 } })
    const used = new Set(before.flat())
    store.setPaintIn(
      [...used].find((id) => id !== 'titanium-white')!,
      false,
    )
    await settled()
    expect(laid()).toEqual(before)
    // A bottle of it that is out is said.
    expect(coats.missing.length).toBe(1)
    const [one] = notice.questions
    expect(one?.about).toBe('held')
    expect(one?.causes).toEqual(expect.arrayContaining(['tone', 'steps', 'light', 'size']))
    await notice.follow(one!)
    await settled()
    expect(laid()).not.toEqual(before)
    expect(store.project.puddles?.some(({ held }) => held) ?? false).toBe(false)
    expect(coats.missing).toEqual([])
    store.undo()
    await settled()
    expect(laid()).toEqual(before)
  })

  it('nothing is held any more once the only move that was done is taken back', async () => {
    const { store } = await begin()
    const bench = useBench()
    await until(() => bench.now !== undefined).toBe(true)
    const before = JSON.stringify(store.project.puddles ?? [])
    bench.next()
    expect(store.project.puddles?.some(({ held }) => held)).toBe(true)
    bench.back()
    expect(JSON.stringify(store.project.puddles ?? [])).toBe(before)
  })

  it('a coat that was painted and is changed is asked about: it counts, or is painted again', async () => {
    const { store, coats, notice } = await begin()
    const bench = useBench()
    bench.set({ atOnce: 1 })
    await until(() => bench.now !== undefined).toBe(true)
    while (bench.turn?.kind === 'mix') bench.next()
    bench.next()
    await settled()
    const [done] = store.project.done!
    const at = coats.plan.coats.findIndex(
      ({ id }) => done!.of.kind === 'coat' && id === done!.of.coat,
    )
    const change = (passes: number) =>
      coats.set({ coats: coats.plan.coats.map((one, i) => (i === at ? { ...one, passes } : one)) })
    // Another coat is nobody's question.
    coats.set({ coats: coats.plan.coats.map((one, i) => (i === at ? one : { ...one, passes: 2 })) })
    await settled()
    expect(notice.questions).toEqual([])
    change(3)
    await settled()
    expect(notice.questions).toMatchObject([{ about: 'painted', moves: [done!.of] }])
    notice.answer(['painted'])
    expect(notice.questions).toEqual([])
    expect(store.project.done).toHaveLength(1)
    change(4)
    await settled()
    notice.layAgain(notice.questions[0]!)
    expect(store.project.done).toHaveLength(0)
    store.undo()
    expect(store.project.done).toHaveLength(1)
  })

  it('a step that the ladder has no more stays the mix it was where it is kept', async () => {
    const { store, coats, notice } = await begin()
    const id = store.figure.id
    const [first, ...rest] = coats.plan.coats
    coats.set({ coats: [{ ...first!, of: { puddle: stepPuddle(id, 'half-shade') } }, ...rest] })
    await settled()
    const before = drops()['half-shade']
    store.setPlan({ steps: 5 })
    await settled()
    expect(useLadder().steps.some(({ key }) => key === 'half-shade')).toBe(false)
    expect(notice.questions[0]).toMatchObject({ about: 'followed', causes: ['steps'] })
    notice.keep()
    await settled()
    const well = usePalette().wells.find(({ name }) => name === 'Half-shade')
    expect(well?.made).toEqual(before)
  })
})
