import { expect, it } from 'vitest'
import { mixPaints } from '../../core'
import { mendSkin } from '../../core/critic/mendSkin'
import { many } from '../thorough'
import { isThat, judged, trials } from './criticTrial'
import { mistakes } from './faultyPainting'
import { photographMended } from './mendedPainting'
import { box } from './paintedFigures'

/** Sixty photographs with a mistake in each, in turn; a part of them in `npm test`. */
const WRONG = many(60, 5)
const RIGHT = many(20, 2)

it('a mistake is named first in five photographs of six, and its mend makes it less when painted', () => {
  const list = trials(
    Array.from({ length: WRONG }, (_, i) => mistakes[i % mistakes.length]),
    2026,
  )
  const named = list.filter((one) => isThat(one, one.found.faults[0]?.fault))
  expect(named.length, 'named first').toBeGreaterThanOrEqual(many(50, 4))
  const mended = named.filter((one, n) => {
    const first = one.found.faults[0]!
    const puddles = one.plan.map((step, i) => ({
      ...step,
      mixture: mixPaints(one.figure.steps[i]!.parts),
    }))
    const bottles = new Map(box.map((paint) => [paint.id, paint]))
    const moves = mendSkin(puddles, one.found.planned, first, bottles)
    const again = judged(one.plan, photographMended(one.figure, one.painted, moves, one.lamp, n))
    return moves.length > 0 && again.off < one.found.off
  })
  expect(mended.length, 'less when mended').toBeGreaterThanOrEqual(Math.floor(0.9 * named.length))
}, 240_000)

it('a figure painted as planned is left alone in seventeen photographs of twenty', () => {
  const list = trials(new Array<undefined>(RIGHT).fill(undefined), 77)
  const alone = list.filter(({ found }) => found.faults.length === 0)
  expect(alone.length).toBeGreaterThanOrEqual(many(17, 1))
}, 240_000)
