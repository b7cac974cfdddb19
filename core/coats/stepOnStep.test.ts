import * as fc from 'fast-check'
import { expect, it } from 'vitest'
import { lightOfStep } from '../place/spots'
import { liesAt, lightPlaces, reliefPlaces } from '../project/place'
import { MOST_ON_A_SIDE, stepsAround } from '../project/steps'
import { stepOnStep } from './stepOnStep'

it('every step is the topmost somewhere in its own place of light, and no light is laid over a shadow', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: MOST_ON_A_SIDE }),
      fc.integer({ min: 1, max: MOST_ON_A_SIDE }),
      (below, above) => {
        const keys = stepsAround(below, above)
        const { coats } = stepOnStep(keys, (key) => ({ puddle: key }))
        expect(coats.map(({ id }) => id).sort()).toEqual(keys.map((key) => `lay-${key}`).sort())
        const topmost = new Map<string, Set<string>>()
        for (const light of lightPlaces)
          for (const relief of reliefPlaces) {
            const here = coats.filter(({ place = [{}] }) => liesAt(place, { light, relief }))
            const top = keys.indexOf(here.at(-1)!.id.slice('lay-'.length) as (typeof keys)[number])
            topmost.set(light, (topmost.get(light) ?? new Set()).add(keys[top]!))
            // Each is laid on the one before it: from the base outward without a gap.
            const order = here.map(({ id }) => keys.indexOf(id.slice(4) as (typeof keys)[number]))
            expect(order).toEqual([...order].sort((a, b) => (top < below ? b - a : a - b)))
            expect(order[0]).toBe(below)
          }
        // Beyond three in one place of light, the last of them takes the ground of those between.
        keys.forEach((key, step) => {
          const light = lightOfStep(step, { below, above })
          const same = keys.filter((_, i) => lightOfStep(i, { below, above }) === light)
          if (same.length <= 3) expect([...topmost.get(light)!], key).toContain(key)
        })
      },
    ),
  )
})
