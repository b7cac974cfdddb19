import { deltaE00 } from '../colour/deltaE00'
import type { Lab } from '../colour/lab'
import { chromaOf } from '../colour/lch'

/** What an eye says of one dab beside another, as a direction in CIELAB; more or less chroma is along its own hue. */
const ways = {
  darker: () => ({ L: -1, a: 0, b: 0 }),
  lighter: () => ({ L: 1, a: 0, b: 0 }),
  redder: () => ({ L: 0, a: 1, b: 0 }),
  greener: () => ({ L: 0, a: -1, b: 0 }),
  yellower: () => ({ L: 0, a: 0, b: 1 }),
  bluer: () => ({ L: 0, a: 0, b: -1 }),
  greyer: (lab: Lab) => alongHue(lab, -1),
  stronger: (lab: Lab) => alongHue(lab, 1),
}
export type DabWay = keyof typeof ways
export const dabWays = Object.keys(ways) as DabWay[]

/** A grey has no hue: what is stronger than it is warm. */
function alongHue(lab: Lab, by: number): Pick<Lab, 'L' | 'a' | 'b'> {
  const C = chromaOf(lab)
  return C < 1e-6
    ? { L: 0, a: 0.7 * by, b: 0.7 * by }
    : { L: 0, a: (by * lab.a) / C, b: (by * lab.b) / C }
}

const HALVINGS = 24
/** No step of CIELAB that is `by` ΔE00 is longer than so many times that, for colours that paint has. */
const LONGEST = 8

/**
 * A dab that differs from another in one way by so much, ΔE00; less where there is nothing beyond: black, white, grey.
 * @example dabBeside({ L: 60, a: 14, b: 17 }, 'redder', 3).a // about 18
 */
export function dabBeside(lab: Lab, way: DabWay, by: number): Lab {
  const { L, a, b } = ways[way](lab)
  const end = way === 'greyer' ? chromaOf(lab) : Infinity
  const at = (t: number): Lab => ({
    L: Math.min(100, Math.max(0, lab.L + t * L)),
    a: lab.a + t * a,
    b: lab.b + t * b,
  })
  let [low, high] = [0, Math.min(end, LONGEST * by)]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (deltaE00(lab, at(middle)) < by) low = middle
    else high = middle
  }
  return at(low)
}
