import { readFileSync } from 'node:fs'
import { deltaE00 } from '../../../core'
import type { Lab } from '../../../core'
import { worstOf } from '../row'
import type { Row } from '../row'

type Triple = [number, number, number]
interface Pair {
  lab1: Triple
  lab2: Triple
  deltaE00: number
}

/** Sharma, Wu & Dalal 2005, table 1, doi:10.1002/col.20070. */
export function pairs(): Row[] {
  const { pairs } = JSON.parse(
    readFileSync(new URL('../data/ciede2000-pairs.json', import.meta.url), 'utf8'),
  ) as { pairs: Pair[] }
  const lab = ([L, a, b]: Triple): Lab => ({ L, a, b })
  const off = pairs.flatMap(({ lab1, lab2, deltaE00: published }) => [
    Math.abs(deltaE00(lab(lab1), lab(lab2)) - published),
    Math.abs(deltaE00(lab(lab2), lab(lab1)) - published),
  ])
  return [
    {
      what: 'CIEDE2000 pairs, both ways',
      against: 'Sharma et al. 2005',
      cases: off.length,
      worst: worstOf(off),
      limit: 1e-4,
    },
  ]
}
