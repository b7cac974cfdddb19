import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, nextTick, watch } from 'vue'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { formatLadderCsv, layoutCard, layoutSheet, starterPaints } from '../../../core'
import { lowTide } from '../../../demo/lowTide'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { useFew } from './few'
import { useHelps } from './helps'
import { useRange } from './rows'
import { useSharing } from './sharing'
import { cardOf, ladderRows, sheetOf } from './sheet'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

const inScope = <T>(make: () => T): T => effectScope().run(make)!
async function begin() {
  const store = useProject()
  const whole = lowTide(starterPaints.map(({ id }) => id))
  store.restore({ ...whole, figures: whole.figures.slice(0, 3) })
  const range = useRange()
  inScope(() => range.look())
  await mixed(range)
  return { store, range }
}
async function mixed(range: ReturnType<typeof useRange>): Promise<void> {
  await nextTick()
  await until(() => range.busy).toBe(false)
}
const rowOf = (range: ReturnType<typeof useRange>, id: string) =>
  range.rows.find(({ figure }) => figure.id === id)!.row!

beforeEach(() => setActivePinia(createPinia()))

describe('the rows of a range', () => {
  it('are the ladders of the figures, and only what changed is mixed anew', async () => {
    const { store, range } = await begin()
    const ladder = useLadder()
    await until(() => ladder.searching).toBe(false)
    const isaura = rowOf(range, 'isaura')
    expect(isaura.steps.map(({ made }) => made)).toEqual(ladder.steps.map(({ made }) => made))
    isaura.steps.forEach(({ off }, i) => expect(off).toBeCloseTo(ladder.steps[i]!.off!, 6))
    expect(isaura.steps.filter(({ puddle }) => puddle)).toHaveLength(3)
    expect(new Set(isaura.bottles)).toEqual(new Set(ladder.paintsUsed.map(({ id }) => id)))
    const bram = rowOf(range, 'bram')
    store.setPlan({ contrast: 0.6 })
    await mixed(range)
    expect(rowOf(range, 'bram')).toBe(bram)
    expect(rowOf(range, 'isaura')).not.toBe(isaura)
    // A locked mix is part of the row.
    ladder.keep('base', [{ of: { bottle: 'yellow-ochre' }, drops: 1 }])
    await mixed(range)
    expect(rowOf(range, 'isaura').steps.find(({ key }) => key === 'base')).toMatchObject({
      puddle: true,
      made: [{ of: { bottle: 'yellow-ochre' }, drops: 1 }],
    })
  })

  it('those that cannot stay as they are come first when a bottle goes', async () => {
    const { store, range } = await begin()
    const [first, , last] = range.rows.map(({ row }) => row!)
    const gone = last!.bottles.find((id) => !first!.bottles.includes(id))!
    expect(gone).toBeTruthy()
    const before = new Map(range.rows.map(({ figure, row }) => [figure.id, row]))
    const order: string[] = []
    watch(
      () => range.rows,
      (rows) => {
        for (const { figure, row } of rows)
          if (row !== before.get(figure.id) && !order.includes(figure.id)) order.push(figure.id)
      },
      { flush: 'sync' },
    )
    store.setTable(store.onTable.map(({ id }) => id).filter((id) => id !== gone))
    await mixed(range)
    expect(order).toHaveLength(3)
    expect(order.indexOf(last!.figure.id)).toBeLessThan(order.indexOf(first!.figure.id))
    expect(rowOf(range, last!.figure.id).bottles).not.toContain(gone)
  })

  it('settings of several figures are one change and one undo', async () => {
    const { store, range } = await begin()
    store.setPlans(['isaura', 'tunde'], { steps: 5 })
    await mixed(range)
    expect(range.rows.map(({ row }) => row!.steps.length)).toEqual([5, 7, 5])
    store.undo()
    await mixed(range)
    expect(range.rows.map(({ row }) => row!.steps.length)).toEqual([7, 7, 7])
  })

  it('two figures of one tone read alike, and one is set apart by its tone alone', async () => {
    const { store, range } = await begin()
    const { tone, plan } = store.project.figures[0]!
    store.setFigure('bram', { tone, plan })
    await mixed(range)
    expect(
      range
        .alike('table')
        .get('bram')
        ?.map(({ figure }) => figure.id),
    ).toContain('isaura')
    const bram = rowOf(range, 'bram')
    const made = await range.toneApart(bram, [rowOf(range, 'isaura')], 'table')
    expect({ ...made, melanin: 0 }).toEqual({ ...tone, melanin: 0 })
    store.setFigure('bram', { tone: made! })
    await mixed(range)
    expect(range.alike('table').get('bram') ?? []).not.toContainEqual(
      expect.objectContaining({ figure: expect.objectContaining({ id: 'isaura' }) as unknown }),
    )
  })

  it('one puddle serves two figures: at what it costs, in one change that is undone as one', async () => {
    const { store, range } = await begin()
    const { plan } = store.project.figures[0]!
    // Much the same tone: one can do with the other's puddle.
    const tone = { kind: 'skin', melanin: 0.075, blood: 0.03, oxygenation: 0.75 } as const
    store.setFigure('isaura', { tone })
    store.setFigure('bram', { tone: { ...tone, melanin: 0.08 }, plan })
    await mixed(range)
    const sharing = inScope(() => useSharing())
    await until(() => sharing.offers.value.size > 0).toBe(true)
    const [taker, { giver, given, own, costs }] = [...sharing.offers.value][0]!
    const before = rowOf(range, taker).mean
    const undone = store.project
    sharing.share(taker)
    await mixed(range)
    const puddle = store.project.puddles!.find(
      ({ figure, letDown }) => figure === undefined && !letDown,
    )!
    expect(puddle).toMatchObject({ parts: given.made })
    const made = [{ of: { puddle: puddle.id }, drops: 1 }]
    const stepOf = (id: string, key: string) =>
      rowOf(range, id).steps.find((step) => step.key === key)!
    expect(stepOf(taker, own.key)).toMatchObject({ made, puddle: true })
    expect(stepOf(giver.figure.id, given.key)).toMatchObject({ made, puddle: true })
    expect(rowOf(range, taker).mean - before).toBeCloseTo(costs, 6)
    // What is shared is not offered again.
    await until(() => sharing.offers.value.get(taker)?.own.key).not.toBe(own.key)
    store.undo()
    expect(store.project).toEqual(undone)
  })

  it('what would help a ladder is a bottle that is not on the table, and brings what it says', async () => {
    const { store, range } = await begin()
    store.setTable(['titanium-white', 'phthalo-green', 'burnt-umber'])
    await mixed(range)
    const helps = inScope(() => useHelps())
    helps.ask(rowOf(range, 'bram'))
    await until(() => helps.busy.value).toBe(false)
    // Of those that are in the commission; others would have to be bought.
    const own = new Set(store.inCommission.map(({ id }) => id))
    const best = helps.answer.value!.find(({ id }) => own.has(id))
    expect(store.table).not.toContain(best!.id)
    expect(best!.brings).toBeGreaterThan(0.5)
    store.setTable([...store.table!, best!.id])
    const before = rowOf(range, 'bram').mean
    await mixed(range)
    expect(rowOf(range, 'bram').mean).toBeLessThan(before)
  })

  it('goes onto one sheet, cards and tables with every step', async () => {
    const { range } = await begin()
    const rows = range.rows.map(({ row }) => row!)
    const items = layoutSheet(sheetOf('Low Tide', rows, false))
    expect(items.filter(({ kind }) => kind === 'box')).toHaveLength(21)
    for (const { figure } of rows)
      expect(JSON.stringify(items)).toContain(figure.name.split(',')[0]!)
    // In grey every swatch is.
    for (const item of layoutSheet(sheetOf('Low Tide', rows, true)))
      if (item.kind === 'box') expect(item.fill).toMatch(/^#(..)\1\1$/)
    expect(formatLadderCsv(ladderRows(rows)).trim().split('\n')).toHaveLength(22)
    expect(JSON.stringify(layoutCard(cardOf(rows[0]!, false)))).toContain('titanium white')
  })
})

it('which few bottles: the curve falls, pins and refusals hold, the best is proved', async () => {
  const { store } = await begin()
  const few = inScope(() => useFew())
  await until(() => few.curve.value.length).toBe(11)
  const means = few.curve.value.map(({ mean }) => mean)
  means.slice(1).forEach((mean, i) => expect(mean).toBeLessThanOrEqual(means[i]! + 1e-6))
  expect(few.changes.value!.worth.map(({ bottle }) => bottle).sort()).toEqual(
    [...store.table!].sort(),
  )
  few.pin('chromium-oxide-green')
  few.keepOut(['titanium-white'])
  few.best.ask(4)
  await until(() => few.best.busy.value).toBe(false)
  const { set, proved } = few.best.answer.value!
  expect(proved).toBe(true)
  expect(set).toContain('chromium-oxide-green')
  expect(set).not.toContain('titanium-white')
  // What needs care is taken where it brings more than the wish is worth.
  few.pin('chromium-oxide-green')
  few.wish(['care'])
  few.best.ask(4)
  await until(() => few.best.busy.value).toBe(false)
  const careful = few.best.answer.value!.set
  const hazards = (ids: readonly string[]): number =>
    ids.filter((id) => store.paints.find((paint) => paint.id === id)!.hazards.length > 0).length
  expect(hazards(careful)).toBeLessThanOrEqual(hazards(set))
})
