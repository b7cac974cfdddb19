import { expect, it } from 'vitest'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import { starterPaints } from '../paint/starter'
import { skinReflectance } from '../tone/skin'
import { skinPlaces } from '../tone/startingPlaces'
import { nearestInRun, runWithWhite } from './runAcross'

const of = (id: string) => starterPaints.find((paint) => paint.id === id)!
const run = runWithWhite(of('red-iron-oxide'), of('titanium-white'))

it('a red-brown iron oxide and white give complexions from dark to light, less chroma with more white (T3)', () => {
  const labs = run.map(({ lab }) => lab)
  labs.slice(1).forEach((lab, i) => expect(lab.L).toBeGreaterThan(labs[i]!.L))
  // From where white rules, the chroma falls.
  const late = labs.slice(6).map(({ a, b }) => Math.hypot(a, b))
  late.slice(1).forEach((chroma, i) => expect(chroma).toBeLessThan(late[i]!))
  // Several complexions are picked from different places of it.
  const picked = skinPlaces.map(({ tone }) => nearestInRun(run, labOf(skinReflectance(tone))))
  expect(new Set(picked.filter(({ off }) => off < 14).map(({ at }) => at)).size).toBeGreaterThan(3)
})

it('the nearest step is the nearest of all', () => {
  for (const { tone } of skinPlaces) {
    const lab = labOf(skinReflectance(tone))
    const { at, off } = nearestInRun(run, lab)
    expect(off).toBeCloseTo(Math.min(...run.map((one) => deltaE00(one.lab, lab))), 9)
    expect(deltaE00(run[at]!.lab, lab)).toBeCloseTo(off, 9)
  }
})
