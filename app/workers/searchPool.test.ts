import { beforeEach, describe, expect, it, vi } from 'vitest'
import { exhaustiveRecipes, starterPaints } from '../../core'
import type { Recipe, SearchProgress, WishedRequest } from '../../core'
import { seeded } from '../../core/numbers/seeded'
import { searchPool } from './searchPool'

vi.mock('comlink', () => import('../../tests/fixtures/comlinkInProcess'))
beforeEach(() => {
  vi.stubGlobal('navigator', { hardwareConcurrency: 2 })
  return () => vi.unstubAllGlobals()
})

const white = starterPaints.find(({ id }) => id === 'titanium-white')!
const job = (more: Partial<WishedRequest> = {}): WishedRequest => ({
  target: { L: 62, a: 14, b: 20 },
  paints: starterPaints.slice(0, 10),
  white,
  maxPaints: 3,
  maxDrops: 8,
  limit: 5,
  lights: [],
  wholeCurve: false,
  touches: false,
  constraints: { noHazards: false, required: [] },
  ...more,
})
const named = ({ parts }: Recipe): string =>
  parts.map(({ paint, drops }) => `${drops} ${paint.id}`).join(' + ')
async function searched(
  pool: ReturnType<typeof searchPool>,
  asked: WishedRequest,
): Promise<SearchProgress[]> {
  const news: SearchProgress[] = []
  await pool.search(asked, (told) => news.push(told))
  return news
}

describe('the search for a step’s recipe, in workers', () => {
  it.each([
    ['each its part', false],
    ['sharing memory', true],
  ])('ends proved with what trying everything finds, %s', async (_, isolated) => {
    vi.stubGlobal('crossOriginIsolated', isolated)
    const pool = searchPool()
    const random = seeded(6)
    for (let n = 0; n < 6; n++) {
      const target = { L: 20 + 60 * random(), a: 40 * random() - 10, b: 40 * random() - 10 }
      const news = await searched(pool, job({ target }))
      const last = news.at(-1)!
      expect(last.proved).toBe(true)
      expect(last.done).toBe(1)
      const { paints, maxPaints, maxDrops, limit } = job()
      const all = exhaustiveRecipes({ target, paints, maxPaints, maxDrops, limit })
      expect(last.best.map(named)).toEqual(all.map(named))
      expect(last.lowerBound).toBeCloseTo(all[0]!.deltaE00, 6)
      for (const [i, told] of news.entries())
        expect(told.done).toBeGreaterThanOrEqual(news[i - 1]?.done ?? 0)
    }
  })

  it('holds to wishes: no hazards, a paint that has to be in', async () => {
    const pool = searchPool()
    const wanted = starterPaints[4]!.id
    const asked = job({
      constraints: { noHazards: true, required: [wanted] },
      paints: [...starterPaints],
      maxPaints: 2,
    })
    const { best } = (await searched(pool, asked)).at(-1)!
    expect(best.length).toBeGreaterThan(0)
    for (const { parts } of best) {
      expect(parts.map(({ paint }) => paint.id)).toContain(wanted)
      expect(parts.flatMap(({ paint }) => paint.hazards)).toEqual([])
    }
  })

  it('one that is stopped ends without proof, and the pool goes on', async () => {
    const pool = searchPool()
    const large = job({ paints: [...starterPaints], maxPaints: 4, maxDrops: 12 })
    const news: SearchProgress[] = []
    const running = pool.search(large, (told) => news.push(told))
    pool.stop()
    await running
    expect(news.some(({ proved }) => proved)).toBe(false)
    expect((await searched(pool, job())).at(-1)!.proved).toBe(true)
  })

  it('variants bring other mixes than the best, none closer', async () => {
    const pool = searchPool()
    const best = (await searched(pool, job())).at(-1)!.best[0]!
    const others = await pool.variants(job(), best)
    expect(others.filter((other) => named(other) !== named(best)).length).toBeGreaterThan(1)
    for (const other of others) expect(other.deltaE00).toBeGreaterThanOrEqual(best.deltaE00 - 1e-9)
  })
})
