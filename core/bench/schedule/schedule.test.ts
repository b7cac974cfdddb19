import { describe, expect, it } from 'vitest'
import { evenings, figuresWithoutWaiting, schedule } from './schedule'
import type { BenchMove, ScheduledMove, ScheduleRequest } from './request'
import { seeded } from '../../numbers/seeded'

const random = seeded(5)
const chainsOf = (figures: number, moves: () => number, dry: number): BenchMove[][] =>
  Array.from({ length: figures }, (_, f) =>
    Array.from({ length: moves() }, (_, m) => ({
      id: `${f}.${m}`,
      ...{ figure: `${f}`, copy: 1, of: { kind: 'undercoat' as const } },
      words: '',
      workMin: 1 + Math.floor(10 * random()),
      dryMin: Math.floor(dry * random()),
      ...(random() < 0.6 ? { puddle: `p${m}` } : {}),
    })),
  )

/** Nothing against a figure's order or drying, one brush, no puddle older than it lasts. */
function sound(
  { chains, puddleLifeMin, mixMin, readyMin, openedMin }: ScheduleRequest,
  moves: readonly ScheduledMove[],
): void {
  const opened = new Map<string, number>(Object.entries(openedMin ?? {}))
  moves.forEach(({ move, startMin, endMin, mixes }, i) => {
    if (i > 0) expect(startMin).toBeGreaterThanOrEqual(moves[i - 1]!.endMin)
    if (mixes) opened.set(move.puddle!, startMin)
    if (move.puddle && !mixes)
      expect(endMin).toBeLessThanOrEqual(opened.get(move.puddle)! + puddleLifeMin)
    expect(endMin - startMin).toBe(move.workMin + (mixes ? mixMin : 0))
  })
  for (const [f, chain] of chains.entries()) {
    const own = chain.map(({ id }) => moves.find(({ move }) => move.id === id)!)
    expect(own[0]!.startMin).toBeGreaterThanOrEqual(readyMin?.[f] ?? 0)
    own
      .slice(1)
      .forEach((one, i) =>
        expect(one.startMin).toBeGreaterThanOrEqual(own[i]!.endMin + own[i]!.move.dryMin),
      )
  }
}

/** Every interleaving, with no bound at all. */
function shortest({ chains, mixMin, puddleLifeMin, readyMin, openedMin }: ScheduleRequest): number {
  let best = Infinity
  const walk = (
    now: number,
    next: number[],
    ready: number[],
    opened: Map<string, number>,
  ): void => {
    let open = false
    chains.forEach((chain, f) => {
      const move = chain[next[f]!]
      if (!move) return
      open = true
      const from = Math.max(now, ready[f]!)
      const was = move.puddle === undefined ? undefined : opened.get(move.puddle)
      const mixes =
        move.puddle !== undefined &&
        !(was !== undefined && from + move.workMin <= was + puddleLifeMin)
      const to = from + move.workMin + (mixes ? mixMin : 0)
      walk(
        to,
        next.map((n, i) => (i === f ? n + 1 : n)),
        ready.map((r, i) => (i === f ? to + move.dryMin : r)),
        mixes ? new Map(opened).set(move.puddle!, from) : opened,
      )
    })
    if (!open) best = Math.min(best, now)
  }
  walk(
    0,
    chains.map(() => 0),
    chains.map((_, f) => readyMin?.[f] ?? 0),
    new Map(Object.entries(openedMin ?? {})),
  )
  return best
}

describe('the schedule', () => {
  it('equals the exhaustive optimum on 200 small cases: figures alike or not, begun afresh or half done', () => {
    for (let n = 0; n < 200; n++) {
      const figures = 2 + (n % 2)
      const unlike = chainsOf(figures, () => 2 + Math.floor(2 * random()), 25)
      const alike = unlike.map((_, f) =>
        unlike[0]!.map((move) => ({ ...move, id: `${f} ${move.id}`, figure: `${f}` })),
      )
      const request = {
        chains: n % 3 ? unlike : alike,
        mixMin: 2,
        puddleLifeMin: 20 + Math.floor(30 * random()),
        ...(n % 2 ? { readyMin: [0, 12, 30], openedMin: { p0: -8, p1: -30 } } : {}),
      }
      const found = schedule(request)
      expect(found.totalMin, `case ${n}`).toBe(shortest(request))
      expect(found.proved).toBe(true)
      sound(request, found.moves)
    }
  })

  it('an evening’s rotation of four to eight figures is proved or searched long, and never past its bound', () => {
    let proved = 0
    for (let n = 0; n < 8; n++) {
      const request = {
        chains: chainsOf(4 + (n % 5), () => 5, 40),
        mixMin: 3,
        puddleLifeMin: 90,
      }
      const found = schedule(request)
      sound(request, found.moves)
      expect(found.boundMin).toBeLessThanOrEqual(found.totalMin)
      expect(found.totalMin / found.boundMin).toBeLessThan(1.1)
      if (found.proved) proved++
    }
    expect(proved).toBeGreaterThanOrEqual(4)
  })

  it('what comes next changes less where moves are done sooner than was reckoned, and never for a worse order', () => {
    const changed = { kept: 0, free: 0 }
    for (let n = 0; n < 40; n++) {
      const chains = chainsOf(3, () => 2 + Math.floor(4 * random()), 40)
      const times = { mixMin: 3, puddleLifeMin: 90 }
      const left = chains.map((chain) => [...chain])
      let plan = schedule({ chains: left, ...times })
      while (plan.moves.length > 1) {
        const [done, then] = plan.moves
        left.find((chain) => chain[0]?.id === done!.move.id)!.shift()
        const before = plan.moves.map(({ move }) => move.id)
        const request = { chains: left, ...times, before }
        const free = schedule({ chains: left, ...times })
        plan = schedule(request)
        sound({ ...request, chains: left.filter((chain) => chain.length > 0) }, plan.moves)
        // It never costs more than a minute, and nothing waits that could go on.
        expect(plan.totalMin).toBeLessThan(free.totalMin + 1)
        expect(plan.moves[0]!.startMin).toBeLessThanOrEqual(free.moves[0]!.startMin + 1e-9)
        if (plan.moves[0]!.move.id !== then!.move.id) changed.kept++
        if (free.moves[0]!.move.id !== then!.move.id) changed.free++
      }
    }
    expect(changed.free).toBeGreaterThan(20)
    expect(changed.kept).toBeLessThan(0.6 * changed.free)
  })

  it('forty figures of thirty moves come within a tenth of the bound, and nothing is broken', () => {
    const request = { chains: chainsOf(40, () => 30, 40), mixMin: 3, puddleLifeMin: 90 }
    const found = schedule(request)
    expect(found.moves).toHaveLength(1200)
    expect(found.totalMin / found.boundMin).toBeLessThan(1.1)
    sound(request, found.moves)
  })

  it('T24: three like figures in rotation keep the brush busy through thin layers; evenings are kept', () => {
    const layer = (i: number): BenchMove => ({
      id: `${i}`,
      ...{ figure: 'x', copy: 1, of: { kind: 'undercoat' as const } },
      words: '',
      workMin: 6,
      dryMin: 10,
    })
    const times = { mixMin: 0, puddleLifeMin: 60 }
    expect(figuresWithoutWaiting([1, 2, 3, 4].map(layer), times)).toBe(3)
    const { moves } = schedule({ chains: [[1, 2, 3, 4].map(layer), [5, 6].map(layer)], ...times })
    const cut = evenings(moves, 30)
    expect(cut.flat()).toEqual(moves)
    for (const evening of cut)
      expect(evening.at(-1)!.endMin - evening[0]!.startMin).toBeLessThanOrEqual(30)
    expect(() => schedule({ chains: [[{ ...layer(1), workMin: NaN }]], ...times })).toThrow('NaN')
  })
})

it('undercoats of all are laid one after the other, while the first of them dries', () => {
  const chains = ['mei', 'bram', 'tunde'].map((figure) =>
    ['undercoat', 'base', 'wash'].map((words, i): BenchMove => {
      const of = i === 0 ? { kind: 'undercoat' as const } : { kind: 'coat' as const, coat: words }
      return {
        ...{ figure, copy: 1, of, words, id: `${figure} ${words}` },
        ...{ workMin: 6, dryMin: i === 0 ? 30 : 12 },
        ...(i > 0 ? { puddle: `${figure} ${words}` } : {}),
      }
    }),
  )
  const { moves } = schedule({ chains, mixMin: 3, puddleLifeMin: 90 })
  expect(moves.slice(0, 3).map(({ move }) => move.words)).toEqual(Array(3).fill('undercoat'))
})
