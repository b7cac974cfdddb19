import { exhaustiveRecipes } from '../../core'
import type { Lab, Paint } from '../../core'
import type { Ratio } from './rate'
import { MAX_DROPS, Together } from './searchers'
import { stepped } from './stepped'
import { sorted } from './times'
import { random, tryingAll } from './trying'

const TARGETS = 20
const MAX_PAINTS = 4

/** Seeded colours that nothing in the box comes within 3 of. */
function farTargets(paints: Paint[]): Lab[] {
  const found: Lab[] = []
  while (found.length < TARGETS) {
    const target = { L: 5 + 90 * random(), a: 180 * (random() - 0.5), b: 180 * (random() - 0.5) }
    const [best] = exhaustiveRecipes({ paints, target, maxPaints: 2, maxDrops: 8 })
    if (best!.deltaE00 > 3) found.push(target)
  }
  return found
}

/** Milliseconds until one thread has its proof, and until it told a lower bound. */
function alone(paints: Paint[], target: Lab): { ms: number; bound: number } {
  const request = { paints, target, maxPaints: MAX_PAINTS, maxDrops: MAX_DROPS }
  let bound = Infinity
  const ms = stepped(request, ({ lowerBound, proved }, ms) => {
    if (lowerBound > 0) bound = Math.min(bound, ms)
    return proved
  })
  return { ms, bound }
}

/**
 * Proofs for targets out of reach by two threads, as in the room, and by one: the slowest but one in ten, and the slowest.
 * Where trying all takes 5.5 s, what is wanted is one second and three.
 */
export async function farBench(): Promise<Ratio[]> {
  const together = await Together.of({ box: 'starter', paints: 24 })
  const { paints } = together
  const targets = farTargets(paints)
  const limits = { maxPaints: MAX_PAINTS, maxDrops: MAX_DROPS }
  const theirs = 1e6 / tryingAll(paints, limits, targets.slice(0, 1))
  await together.search(targets[0]!, MAX_PAINTS)
  alone(paints, targets[0]!)
  const [both, one, bounds]: number[][] = [[], [], []]
  for (const target of targets) {
    both!.push((await together.search(target, MAX_PAINTS)).whole)
    const { ms, bound } = alone(paints, target)
    one!.push(ms)
    bounds!.push(bound)
  }
  await together.end()
  const told = Math.max(...bounds!).toFixed(0)
  return [
    { place: 17, which: 'nine of ten within', wanted: 5.5 },
    { place: 19, which: 'all within', wanted: 1.8 },
  ].map(({ place, which, wanted }) => {
    const [ms, ofOne] = [both!, one!].map((times) => sorted(times)[place]!) as [number, number]
    return {
      what:
        `24 paints, up to 4, out of reach, two threads: proofs per 1000 s (${which} ${ms.toFixed(0)} ms, ` +
        `one thread ${ofOne.toFixed(0)} ms, which tells a lower bound after ${told} ms at most)`,
      against: 'trying all',
      ours: 1e6 / ms,
      theirs,
      wanted,
    }
  })
}
