import type { KeyDirection } from '../../project/keyLight'
import { usualKey } from '../../project/keyLight'
import { keyVector, lightLevel } from './lightLevel'
import { harmonics, reaching } from './reach'
import { formSamples } from './samples'
import type { FormSamples } from './samples'

/** Each step lighter or darker than the base takes so much of the range of the one before it. */
const NARROWER = 0.72
/** Normals that rise more than this face up. */
const FACES_UP = 0.1

/**
 * Share of the seen skin that lights take on a base of lightness L*: sparing on dark skin, more than
 * half on pale (common practice, no source).
 */
const lightsShare = (baseL: number): number =>
  Math.max(0.12, Math.min(0.66, 0.15 + 0.0155 * (baseL - 35)))

/** Light on every point, and whether it faces up. */
function levelsOf(form: FormSamples, key: KeyDirection): { level: Float32Array; up: Uint8Array } {
  const direction = keyVector(key)
  const { normals, occlusion, reach } = form
  const from = reach && harmonics(...direction, reach.terms)
  const level = new Float32Array(occlusion.length)
  const up = new Uint8Array(occlusion.length)
  for (let p = 0; p < level.length; p++) {
    const ny = normals[3 * p + 1]!
    const through = reach && reaching(reach, p, from!)
    level[p] = lightLevel(
      normals[3 * p]!,
      ny,
      normals[3 * p + 2]!,
      occlusion[p]!,
      direction,
      through,
    )
    up[p] = ny > FACES_UP ? 1 : 0
  }
  return { level, up }
}

/** Levels below which 0/256, 1/256 … of the area lie. */
function quantiles(level: Float32Array, areas: Float32Array): number[] {
  const order = [...level.keys()].filter((p) => areas[p]! > 0).sort((a, b) => level[a]! - level[b]!)
  const all = order.reduce((sum, p) => sum + areas[p]!, 0)
  const table = [level[order[0]!]!]
  let sum = 0
  for (const p of order) {
    sum += areas[p]!
    while (sum >= (table.length / 256) * all * (1 - 1e-9) && table.length < 257)
      table.push(level[p]!)
  }
  return table
}

/** Widths of cells, each narrower than the one before, adding to `whole`. */
function cells(many: number, whole: number): number[] {
  const widths = Array.from({ length: many }, (_, i) => NARROWER ** i)
  const sum = widths.reduce((a, b) => a + b, 0)
  return widths.map((w) => (w * whole) / sum)
}

/** Where one step ends and the next begins on a form, as levels of light. */
export interface Exposure {
  /** Rising; one less than there are steps. */
  edges: number[]
  /** Upward-facing hollows get at least this level: they take the middle tone, not the deepest. */
  hollow: number
}

let headTable: number[] | undefined
/** Level of light below which a share of the seen head lies, under the usual key. */
function headQuantile(share: number): number {
  headTable ??= quantiles(levelsOf(formSamples(), usualKey).level, formSamples().areas)
  const place = Math.max(0, Math.min(1, share)) * (headTable.length - 1)
  const i = Math.min(headTable.length - 2, Math.floor(place))
  return headTable[i]! + (place - i) * (headTable[i + 1]! - headTable[i]!)
}

const known = new Map<string, Exposure>()

/**
 * Sets the light: on head and shoulders under the usual key, lights take the share that suits the
 * complexion, and each further step a smaller part of the range of light.
 * @example exposure(60, 3, 3).edges.length // 6
 */
export function exposure(baseL: number, below: number, above: number): Exposure {
  const key = `${baseL.toFixed(2)} ${below} ${above}`
  const found = known.get(key)
  if (found) return found
  const [least, most] = [headQuantile(0.004), headQuantile(0.996)]
  const firstLight = headQuantile(1 - lightsShare(baseL))
  const upper = cells(above, most - firstLight)
  const lower = cells(below + 1, firstLight - least)
  const edges = [firstLight]
  let at = firstLight
  for (const width of lower.slice(0, -1)) edges.unshift((at -= width))
  at = firstLight
  for (const width of upper.slice(0, -1)) edges.push((at += width))
  const made = { edges, hollow: below > 0 ? edges[below - 1]! - 0.5 * (lower[1] ?? lower[0]!) : 0 }
  if (known.size > 500) known.clear()
  known.set(key, made)
  return made
}

/** The step that a level of light falls in, 0 the darkest. */
export const stepAt = ({ edges }: Exposure, level: number): number => {
  let step = 0
  while (step < edges.length && level >= edges[step]!) step++
  return step
}

/**
 * Shares of the seen skin, dark to light, measured on a form under a light; they add to 1.
 * @example sharesFor({ baseL: 60, below: 3, above: 3 }).length // 7
 */
export function sharesFor(asked: {
  baseL: number
  below: number
  above: number
  form?: FormSamples
  key?: KeyDirection
}): number[] {
  const { baseL, below, above, form = formSamples(), key = usualKey } = asked
  const set = exposure(baseL, below, above)
  const { level, up } = levelsOf(form, key)
  const shares = new Array<number>(below + above + 1).fill(0)
  let all = 0
  for (let p = 0; p < level.length; p++) {
    const area = form.areas[p]!
    if (area === 0) continue
    const light = up[p] ? Math.max(level[p]!, set.hollow) : level[p]!
    shares[stepAt(set, light)]! += area
    all += area
  }
  return shares.map((area) => area / all)
}
