import { expect, it } from 'vitest'
import { referenceTable } from './table'

it.each(referenceTable())('$what agrees with $against', ({ worst, limit, cases }) => {
  expect(cases).toBeGreaterThan(0)
  expect(worst).toBeLessThanOrEqual(limit)
})
