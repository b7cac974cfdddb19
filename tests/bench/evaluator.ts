import { MixEvaluator, starterPaints } from '../../core'
import { weightsOf } from '../../core/colour/weights'
import { paintTree } from '../../core/recipe/search/paintTree'
import { instantiate } from '../../core/recipe/search/wasmModule'
import { seeded } from '../../core/numbers/seeded'
import { race } from './rate'
import type { Ratio } from './rate'

const BATCH = 4096

/** Mixes of three paints a second: the batch of the SIMD kernel (X, Y, Z) against the plain evaluator (Lab). */
export function evaluatorBench(): Ratio[] {
  const random = seeded(3)
  const members = new Uint16Array(3 * BATCH).map(() => Math.floor(random() * starterPaints.length))
  const drops = new Float32Array(3 * BATCH).map(() => 1 + Math.floor(random() * 10))
  const kernel = instantiate(paintTree(starterPaints), [], weightsOf(), [1, 1], () => undefined)!
  const start = (kernel.memory.buffer.byteLength + 15) & ~15
  const amounts = start + members.byteLength
  const out = amounts + drops.byteLength
  kernel.memory.grow(4)
  new Uint16Array(kernel.memory.buffer, start, members.length).set(members)
  new Float32Array(kernel.memory.buffer, amounts, drops.length).set(drops)
  const plain = new MixEvaluator(starterPaints)
  const lab = new Float64Array(3)
  const threes = <T>(list: Iterable<T>): T[][] => {
    const all = [...list]
    return Array.from({ length: BATCH }, (_, m) => all.slice(3 * m, 3 * m + 3))
  }
  const mixes = threes(members)
  const doses = threes(drops)
  const { ours, theirs } = race(
    { items: BATCH, run: () => kernel.evaluateThree(BATCH, start, amounts, out) },
    {
      items: BATCH,
      run: () => {
        for (let m = 0; m < BATCH; m++) plain.writeLab(mixes[m]!, doses[m]!, 3, lab, 0)
      },
    },
  )
  return [
    {
      what: 'mixes of three a second, SIMD batch',
      against: 'plain evaluator',
      ours,
      theirs,
      wanted: 4,
    },
  ]
}
