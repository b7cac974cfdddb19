import { BANDS } from '../../colour/spectrum'
import type { Weights } from '../../colour/weights'
import { kernelBytes } from '../kernel/kernelBytes'
import type { SearchKernel, Take } from './kernel'
import type { PaintTree } from './paintTree'
import type { Turn } from './targetBox'

/** Finds kept before they are handed over. */
const ROOM = 16384
const MOST_SLOTS = 5
/** Bytes of a find: its paints, then X, Y, Z. */
const ENTRY = 24
/**
 * Single precision is off by less than 80 · 2⁻²⁴ of a tristimulus value (docs/search.md); the box is
 * wider than that by four times.
 */
export const SLACK = 2e-5

interface Exports {
  memory: WebAssembly.Memory
  box: WebAssembly.Global
  turn: WebAssembly.Global
  drops: WebAssembly.Global
  slots: WebAssembly.Global
  prepare(paints: number, clusters: number, room: number): void
  weightsAt(): number
  clustersAt(): number
  shapesAt(): number
  spreadsAt(): number
  foundAt(): number
  foundCount(): number
  clearFound(): void
  takeWork(): number
  search(slots: number): void
  evaluateThree(many: number, paints: number, amounts: number, out: number): void
}

let compiled: WebAssembly.Module | undefined | null

/** The compiled module, or nothing where WebAssembly or SIMD cannot be had. */
function kernelModule(): WebAssembly.Module | undefined {
  if (compiled === undefined)
    try {
      const bytes = Uint8Array.from(atob(kernelBytes), (letter) => letter.charCodeAt(0))
      compiled = new WebAssembly.Module(bytes)
    } catch {
      compiled = null
    }
  return compiled ?? undefined
}

/** A module with a tree and weights laid out in its memory. */
export function instantiate(
  { clusters, order }: PaintTree,
  weights: Weights,
  [alpha, beta]: Turn,
  drain: () => void,
): Exports | undefined {
  const module = kernelModule()
  if (!module) return undefined
  const kernel = new WebAssembly.Instance(module, {
    search: { drain },
    env: { abort: () => undefined },
  }).exports as unknown as Exports
  kernel.prepare(order.length, clusters.length, ROOM)
  const floats = new Float32Array(kernel.memory.buffer)
  const whole = new Int32Array(kernel.memory.buffer)
  const at = kernel.weightsAt() >> 2
  const { x, y, z } = weights
  const u = x.map((w, i) => w - alpha * y[i]!)
  const v = z.map((w, i) => w - beta * y[i]!)
  const above = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, one))
  const below = (w: Float64Array): Float64Array => w.map((one) => Math.max(0, -one))
  ;[x, y, z, above(u), below(u), above(v), below(v)].forEach((w, k) =>
    floats.set(w, at + k * BANDS),
  )
  floats.set([alpha, beta], (kernel.turn.value as number) >> 2)
  clusters.forEach(({ curves, from, to, left, right, spread }, i) => {
    curves.forEach((curve, c) =>
      floats.set(curve, (kernel.clustersAt() >> 2) + (6 * i + c) * BANDS),
    )
    whole.set([from, to, left, right], (kernel.shapesAt() >> 2) + 4 * i)
    floats[(kernel.spreadsAt() >> 2) + i] = spread
  })
  return kernel
}

/** The SIMD kernel; nothing where it cannot run. */
export function wasmKernel(
  tree: PaintTree,
  weights: Weights,
  turn: Turn,
): SearchKernel | undefined {
  let take: Take = () => undefined
  let count = 0
  const drain = (): void => {
    const many = kernel!.foundCount()
    const at = kernel!.foundAt()
    const ids = new Uint16Array(kernel!.memory.buffer, at, many * (ENTRY / 2))
    const values = new Float32Array(kernel!.memory.buffer, at, many * (ENTRY / 4))
    for (let n = 0; n < many; n++) {
      for (let k = 0; k < count; k++) members[k] = ids[(n * ENTRY) / 2 + k]!
      const v = (n * ENTRY) / 4 + 3
      take(members, values[v]!, values[v + 1]!, values[v + 2]!)
    }
    kernel!.clearFound()
  }
  const members = new Uint16Array(MOST_SLOTS)
  const kernel = instantiate(tree, weights, turn, drain)
  if (!kernel) return undefined
  const box = new Float32Array(kernel.memory.buffer, kernel.box.value as number, 10)
  const drops = new Float32Array(kernel.memory.buffer, kernel.drops.value as number, MOST_SLOTS)
  const slots = new Int32Array(kernel.memory.buffer, kernel.slots.value as number, MOST_SLOTS)
  return {
    setBox(wanted) {
      for (let k = 0; k < 10; k++) {
        // A turned axis is a difference: it errs as its two parts do.
        const size = k < 6 ? Math.abs(wanted[k]!) : 2 * Math.max(wanted[1]!, wanted[5]!)
        const slack = SLACK * (1 + Math.min(size, 200))
        box[k] = wanted[k]! + (k % 2 === 0 ? -slack : slack)
      }
    },
    search(clusters, amounts, into) {
      take = into
      count = clusters.length
      slots.set(clusters)
      drops.set(amounts)
      kernel.search(count)
      drain()
    },
    takeWork: () => kernel.takeWork(),
  }
}
