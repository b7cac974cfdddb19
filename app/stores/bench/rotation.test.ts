import { expect, it } from 'vitest'
import { dryingAt } from './rotation'

const NOON = Date.UTC(2026, 11, 1, 12)
const MINUTE = 60_000

it('a coat dries by the clock, through sleep, and never longer than it was to', () => {
  const coat = { from: NOON, until: NOON + 20 * MINUTE }
  expect(dryingAt(NOON, coat)).toEqual({ leftMs: 20 * MINUTE, share: 1 })
  expect(dryingAt(NOON + 15 * MINUTE, coat)).toEqual({ leftMs: 5 * MINUTE, share: 0.25 })
  // The tablet slept for hours.
  expect(dryingAt(NOON + 300 * MINUTE, coat)).toEqual({ leftMs: 0, share: 0 })
  // The clock was set back by an hour.
  expect(dryingAt(NOON - 60 * MINUTE, coat)).toEqual({ leftMs: 20 * MINUTE, share: 1 })
  // A timer that was to end before it began.
  expect(dryingAt(NOON, { from: NOON, until: NOON - 1 }).leftMs).toBe(0)
})
