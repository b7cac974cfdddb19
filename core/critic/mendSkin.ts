import type { Mixture } from '../paint/mixture'
import { usualRatios } from '../coats/answers/glazeSearch'
import { dryFilmUm } from '../coats/dryFilm'
import { deltaE00 } from '../colour/deltaE00'
import { labOf } from '../colour/lab'
import type { Lab } from '../colour/lab'
import type { Spectrum } from '../colour/spectrum'
import { surfaceMoved } from '../colour/surfaceMoved'
import type { StepKey } from '../project/steps'
import { filmReflectance } from '../paint/film'
import type { PlannedSkin, SkinFault } from './critique'

/** A step with the puddle it is painted from. */
export interface SkinPuddle extends PlannedSkin {
  mixture: Mixture
}

/** Paint that mends: what, how thin, where and how often. */
export interface SkinMove {
  /** The puddle of a step, or one bottle. */
  of: { step: StepKey } | { bottle: string }
  kind: 'glaze' | 'layer'
  /** Parts of thinner to one of paint. */
  thinner: number
  passes: number
  /** Steps it goes over, dark to light. */
  over: StepKey[]
  /** Not over all of these: over so much of the skin, where they meet what is laid. */
  share?: number
  /** Distance of what it goes over from what it should be, ΔE00. */
  before: number
  after: number
}

const LAYERS = [1, 1.5, 2] as const
const MOST_PASSES = { glaze: 4, layer: 4 } as const
/** A further pass has to bring so much, ΔE00. */
const PER_PASS = 0.12
/** A bottle beside the puddles has to bring so much. */
const ANOTHER = 0.4
/** Nothing is mended that cannot be seen, ΔE00. */
const SEEN = 1
/** A further move has to take away so much of what is left. */
const WORTH = 0.2
const MOST_MOVES = 3

interface Candidate {
  of: SkinMove['of']
  kind: SkinMove['kind']
  thinner: number
  passes: number
  mixture: Mixture
}

/** Every paint, thinning and number of passes that is tried: puddles as layers or glazes, bottles as glazes. */
function candidates(
  plan: readonly SkinPuddle[],
  bottles: ReadonlyMap<string, Mixture>,
): Candidate[] {
  const ways = (of: SkinMove['of'], mixture: Mixture, kind: SkinMove['kind']): Candidate[] =>
    (kind === 'glaze' ? usualRatios : LAYERS).flatMap((thinner) =>
      Array.from({ length: MOST_PASSES[kind] }, (_, i) => ({
        of,
        kind,
        thinner,
        passes: i + 1,
        mixture,
      })),
    )
  return [
    ...plan.flatMap(({ key, mixture }) => [
      ...ways({ step: key }, mixture, 'layer'),
      ...ways({ step: key }, mixture, 'glaze'),
    ]),
    ...[...bottles].flatMap(([bottle, mixture]) => ways({ bottle }, mixture, 'glaze')),
  ]
}

const laid = ({ kind, thinner, passes, mixture }: Candidate, over: Spectrum): Spectrum =>
  filmReflectance(mixture, { thicknessUm: dryFilmUm({ kind, thinner, passes }, 'flat'), over })

/** A colour in the photograph as paint under daylight: the plan's, moved by as much as the photograph is. */
export function paintedAs({ reflectance }: SkinPuddle, planned: Lab, seen: Lab): Spectrum {
  const by = { L: seen.L - planned.L, a: seen.a - planned.a, b: seen.b - planned.b }
  return surfaceMoved(labOf(reflectance), by) ?? reflectance
}

/** Lists of steps that one coat may go over: what the fault is about, its halves, its ends. */
function placesOf(plan: readonly SkinPuddle[], part: string): number[][] {
  const base = plan.findIndex(({ key }) => key === 'base')
  const from = (first: number, last: number): number[] =>
    Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => first + i)
  const shadows = [from(0, base - 1), from(0, Math.floor((base - 1) / 2))]
  const top = plan.length - 1
  const lights = [from(base + 1, top), from(Math.ceil((base + 1 + top) / 2), top)]
  const found =
    part === 'all'
      ? [from(0, top), from(0, base), from(base, top), ...shadows, ...lights]
      : part === 'shadows'
        ? shadows
        : part === 'lights'
          ? lights
          : [[plan.findIndex(({ key }) => key === part)]]
  return found.filter((list) => list.length > 0 && list[0]! >= 0)
}

/** Moves that bring colours nearer to the plan, one after the other, each the best of all that are tried. */
function mendColour(
  plan: readonly SkinPuddle[],
  grounds: Spectrum[],
  part: string,
  tried: readonly Candidate[],
): SkinMove[] {
  const aims = plan.map(({ reflectance }) => labOf(reflectance))
  const weights = plan.map(({ share }) => Math.sqrt(Math.max(0.02, share)))
  const places = placesOf(plan, part)
  const all = [...new Set(places.flat())]
  const offOf = (ground: Spectrum, i: number): number => deltaE00(labOf(ground), aims[i]!)
  const mean = (which: readonly number[], off: readonly number[]): number =>
    which.reduce((sum, i) => sum + weights[i]! * off[i]!, 0) /
    which.reduce((sum, i) => sum + weights[i]!, 0)
  const moves: SkinMove[] = []
  let now = [...grounds]
  while (moves.length < MOST_MOVES) {
    const off = now.map(offOf)
    const left = mean(all, off)
    if (left < SEEN) break
    let best: { cost: number; place: number[]; by: Candidate; off: number[] } | undefined
    for (const by of tried) {
      const then = [...off]
      for (const i of all) then[i] = offOf(laid(by, now[i]!), i)
      for (const place of places) {
        const mixed = off.map((v, i) => (place.includes(i) ? then[i]! : v))
        const cost = mean(all, mixed) + PER_PASS * by.passes + ('bottle' in by.of ? ANOTHER : 0)
        if (!best || cost < best.cost) best = { cost, place, by, off: mixed }
      }
    }
    if (!best || mean(all, best.off) > (1 - WORTH) * left) break
    const { place, by } = best
    moves.push({
      of: by.of,
      kind: by.kind,
      thinner: by.thinner,
      passes: by.passes,
      over: place.map((i) => plan[i]!.key),
      before: mean(place, off),
      after: mean(place, best.off),
    })
    now = now.map((ground, i) => (place.includes(i) ? laid(by, ground) : ground))
  }
  return moves
}

/** A puddle laid where another lies, as many passes as it takes to look like itself. */
function cover(
  plan: readonly SkinPuddle[],
  { puddle, over, share }: { puddle: number; over: number[]; share: number },
  grounds: readonly Spectrum[],
): SkinMove {
  const { key, mixture, reflectance } = plan[puddle]!
  const aim = labOf(reflectance)
  const off = (spectrum: Spectrum): number => deltaE00(labOf(spectrum), aim)
  const mean = (list: readonly Spectrum[]): number =>
    list.reduce((sum, one) => sum + off(one), 0) / list.length
  const under = over.map((i) => grounds[i]!)
  let move: SkinMove | undefined
  for (const thinner of LAYERS)
    for (let passes = 1; passes <= MOST_PASSES.layer; passes++) {
      const by: Candidate = { of: { step: key }, kind: 'layer', thinner, passes, mixture }
      const after = mean(under.map((ground) => laid(by, ground)))
      if (!move || after + PER_PASS * passes < move.after + PER_PASS * move.passes)
        move = {
          of: by.of,
          kind: by.kind,
          thinner,
          passes,
          over: over.map((i) => plan[i]!.key),
          share,
          before: mean(under),
          after,
        }
    }
  return move!
}

/** An edge that lies less than this from where it should is left, as a share of the skin. */
const AT_PLACE = 0.02

/** Edges between steps are painted back to where they should be, each with the puddle that lies on its other side. */
function redraw(
  plan: readonly SkinPuddle[],
  painted: readonly { share: number }[],
  grounds: readonly Spectrum[],
): SkinMove[] {
  let [planned, seen] = [0, 0]
  return plan.slice(0, -1).flatMap((step, k) => {
    planned += step.share
    seen += painted[k]!.share
    const share = Math.abs(planned - seen)
    if (share < AT_PLACE) return []
    const [puddle, over] = planned > seen ? [k, k + 1] : [k + 1, k]
    return [cover(plan, { puddle, over: [over], share }, grounds)]
  })
}

/**
 * How a fault is mended with paint that is there: puddles of the plan, or one bottle as a glaze. Films are reckoned as
 * coats are; a fault of shares is mended by the puddle that should lie there.
 * @param planned what the plan looks like in the photograph; `fault.painted` is seen beside it.
 * @example mendSkin(puddles, judgedSkin.planned, judgedSkin.faults[0], new Map()).length > 0 // true
 */
export function mendSkin(
  plan: readonly SkinPuddle[],
  planned: readonly Lab[],
  { fault, painted }: SkinFault,
  bottles: ReadonlyMap<string, Mixture>,
): SkinMove[] {
  const grounds = plan.map((step, i) => paintedAs(step, planned[i]!, painted[i]!.lab))
  const base = plan.findIndex(({ key }) => key === 'base')
  if (fault.key === 'lights large' || fault.key === 'lights small')
    return redraw(plan, painted, grounds)
  if (fault.key === 'stranded' || fault.key === 'hard edge') {
    const out = fault.key === 'stranded' ? 1 : -1
    const puddle = base + out
    const share = plan[puddle]!.share - painted[puddle]!.share
    return [cover(plan, { puddle, over: [base, base + 2 * out], share }, grounds)]
  }
  return mendColour(plan, grounds, fault.part, candidates(plan, bottles))
}
