import { readFileSync } from 'node:fs'
import { deltaE00, labOf, labOfHex, smoothestReflectance } from '../../../core'
import type { Lab } from '../../../core'
import { worstOf } from '../row'
import type { Row } from '../row'

/** The 24-patch chart (McCamy, Marcus & Davidson 1976), Lab D50, 2°. */
export const chartPatches = (
  JSON.parse(readFileSync(new URL('../data/chart-24-lab-d50.json', import.meta.url), 'utf8')) as {
    patches: { id: string; name: string; lab: [number, number, number] }[]
  }
).patches.map(({ name, lab: [L, a, b] }) => ({ name, lab: { L, a, b, white: 'D50/2' } as Lab }))

const roundTrip = (lab: Lab): number => {
  const reflectance = smoothestReflectance(lab)
  if (reflectance.some((r) => !(r >= 0 && r <= 1))) return NaN
  return deltaE00(labOf(reflectance, lab.white === 'D50/2' ? { illuminant: 'D50' } : {}), lab)
}

export function smoothest(): Row[] {
  const skins = chartPatches.filter(({ name }) => name.includes('skin')).map(({ lab }) => lab)
  const levels = ['00', '24', '49', '6d', '92', 'b6', 'db', 'ff']
  const grid = levels.flatMap((r) =>
    levels.flatMap((g) => levels.map((b) => labOfHex(`#${r}${g}${b}`))),
  )
  const row = (what: string, against: string, labs: Lab[]): Row => ({
    what,
    against,
    cases: labs.length,
    worst: worstOf(labs.map(roundTrip)),
    limit: 0.1,
  })
  return [
    row('smoothest reflectance and back, skin patches, ΔE00', '24-patch chart', skins),
    row('smoothest reflectance and back, all of sRGB, ΔE00', 'itself', grid),
  ]
}
