import type { Ingredient } from '../puddle/puddle'
import { reachedFrom } from '../puddle/reached'
import type { Bottle } from './bottle'
import type { Project } from './commission'
import type { Figure } from './figure'
import type { MoveOf } from './move'
import type { FigurePlan } from './plan'
import { stepKeys } from './steps'
import type { StepKey } from './steps'
import { stepOf, stepPuddle } from './storedPuddle'
import { mostDropsOf } from './usualDrops'
import { paintedWith } from './uses'
import type { PuddleUse } from './uses'

/** What of a commission was changed that mixes rest on. */
export type Cause =
  | 'tone'
  | 'light'
  | 'aims'
  | 'form'
  | 'size'
  | 'number'
  | 'steps'
  | 'mixing'
  | 'bottles'
  | 'table'
  | 'paints'
  | 'let-downs'
  | 'coats'

/** What rests on it: a step of the ladder, a mix that a method made for the figure, a move. */
export type RestOf = { kind: 'step'; step: StepKey } | { kind: 'mix'; puddle: string } | MoveOf

/**
 * What becomes of it. `follows`: found anew, nobody had decided it. `keeps`: it stays, as the painter settled it or as it
 * was poured. The others are asked about: `followed` was laid on coats and is found anew meanwhile; `held` stays
 * meanwhile, though what it was poured or made for has changed; `painted` was done before its coat was changed, and
 * counts meanwhile.
 */
export type How = 'follows' | 'keeps' | 'followed' | 'held' | 'painted'

/** What a change means for one figure. */
export interface FigureAccount {
  figure: string
  causes: Cause[]
  rests: { of: RestOf; how: How }[]
}

/** What each setting of a plan is; those that move no mix are named none. */
const PLAN: Readonly<Record<keyof FigurePlan, Cause | undefined>> = {
  steps: 'steps',
  contrast: 'light',
  warmth: 'light',
  turn: 'light',
  sheen: 'light',
  shadow: 'light',
  light: 'light',
  lift: 'light',
  bounce: 'light',
  softness: 'light',
  spacing: 'light',
  seenFrom: 'light',
  shadowPaint: 'light',
  lightPaint: 'light',
  otherWarmth: 'light',
  key: 'light',
  moved: 'aims',
  form: 'form',
  maxPaints: 'mixing',
  maxDrops: undefined,
  way: 'mixing',
  puddles: 'mixing',
  bottles: 'mixing',
  family: 'mixing',
  runLight: 'mixing',
  runShade: 'mixing',
  progression: 'mixing',
  bare: undefined,
}
/** What moves the aims of a figure: a method's own mixes were made for them. */
const AIMING: ReadonlySet<Cause> = new Set(['tone', 'light', 'aims'])
/** … and mixes that are poured stay for, though they would be others now. */
const POURED: ReadonlySet<Cause> = new Set([...AIMING, 'size', 'steps', 'mixing'])
/** Glazes of places are found for a tone, over the base, from what is in. */
const GLAZING: ReadonlySet<Cause> = new Set(['tone', 'bottles', 'paints'])
/** Eyes, teeth and claws are of no tone: they are found from what is in. */
const MIXED_SMALL: ReadonlySet<Cause> = new Set(['bottles', 'paints'])

const same = (one: unknown, other: unknown): boolean =>
  one === other || JSON.stringify(one) === JSON.stringify(other)

/** Bottles a figure may be mixed from, as far as the commission says so. */
const inOf = ({ out, ownedOnly, bottles = {}, box = [] }: Project, figure: Figure) => [
  figure.bottles,
  [...out].sort(),
  ownedOnly ?? false,
  ownedOnly ? Object.entries(bottles).flatMap(([id, { owned }]) => [[id, owned]]) : [],
  box.map(({ id }) => id),
]
const taughtOf = ({ strength, learnt }: Bottle) => [strength, learnt?.at, learnt?.K]
const paintsOf = ({ bottles = {}, box = [] }: Project) => [
  Object.entries(bottles).map(([id, bottle]) => [id, taughtOf(bottle)]),
  box.map(({ id, K, S }) => [id, K, S]),
]
const letDownsOf = ({ puddles = [] }: Project) => puddles.filter(({ letDown }) => letDown)

function causesOf(before: Project, after: Project, was: Figure, is: Figure): Cause[] {
  const causes = new Set<Cause>()
  const note = (cause: Cause | undefined, one: unknown, other: unknown): void => {
    if (cause && !causes.has(cause) && !same(one, other)) causes.add(cause)
  }
  note('tone', was.tone, is.tone)
  if (was.plan !== is.plan)
    for (const field of Object.keys(PLAN) as (keyof FigurePlan)[])
      note(PLAN[field], was.plan[field], is.plan[field])
  note('form', was.sculpt, is.sculpt)
  note('size', was.size, is.size)
  // So many alike change a mix only where they change how large a puddle is.
  if (!causes.has('size'))
    note(was.many === is.many ? 'mixing' : 'number', mostDropsOf(was), mostDropsOf(is))
  note('bottles', inOf(before, was), inOf(after, is))
  note('table', before.palette, after.palette)
  if (before.bottles !== after.bottles || before.box !== after.box)
    note('paints', paintsOf(before), paintsOf(after))
  if (before.puddles !== after.puddles) note('let-downs', letDownsOf(before), letDownsOf(after))
  note('coats', was.stack, is.stack)
  return [...causes]
}

const moveOf = (use: Exclude<PuddleUse, { kind: 'puddle' }>): MoveOf => {
  if (use.kind === 'coat') return { kind: 'coat', coat: use.coat }
  if (use.kind === 'accent') return { kind: 'accent', place: use.place }
  return use.kind === 'detail' ? { kind: 'detail', detail: use.detail } : { kind: 'undercoat' }
}

function restsOf(after: Project, was: Figure, is: Figure, causes: readonly Cause[]) {
  const rests: FigureAccount['rests'] = []
  const { id } = is
  const stored = new Map((after.puddles ?? []).map((one) => [one.id, one]))
  const painted = paintedWith(is)
  const partsOf = (puddle: string) => stored.get(puddle)?.parts
  const laid = reachedFrom(
    painted.map(({ of }) => of),
    partsOf,
  )
  const found = causes.some((cause) => cause !== 'coats')
  const stays: How = causes.some((cause) => POURED.has(cause)) ? 'held' : 'keeps'
  const steps = new Map<string, How>()
  for (const step of found ? stepKeys : []) {
    const puddle = stepPuddle(id, step)
    const own = stored.get(puddle)
    const how: How = own ? (own.held ? stays : 'keeps') : laid.has(puddle) ? 'followed' : 'follows'
    steps.set(puddle, how)
    rests.push({ of: { kind: 'step', step }, how })
  }
  const aimed = causes.some((cause) => AIMING.has(cause))
  // What a method mixed of the ladder's own steps follows them.
  const ofSteps = (puddle: string): boolean =>
    [...reachedFrom([{ puddle }], partsOf).keys()].some((name) => stepOf(id, name))
  const brought = new Set((aimed && is.stack?.brought) || [])
  for (const puddle of brought)
    if (!stored.has(puddle) || ofSteps(puddle)) brought.delete(puddle)
    else rests.push({ of: { kind: 'mix', puddle }, how: 'held' })
  /** Of a move: as the least settled of what it is painted with. */
  const howOf = (of: Ingredient): How | undefined => {
    const names = [...reachedFrom([of], partsOf).keys()]
    const all = names.flatMap((name) => steps.get(name) ?? (brought.has(name) ? ['held'] : []))
    return (['followed', 'held', 'follows', 'keeps'] as const).find((how) => all.includes(how))
  }
  const moves = new Map<string, { of: MoveOf; how: How }>()
  for (const { use, of } of painted) {
    const how = howOf(of)
    if (!how || use.kind === 'puddle' || !is.stack) continue
    const move = moveOf(use)
    const key = JSON.stringify(move)
    if (moves.get(key)?.how !== 'followed') moves.set(key, { of: move, how })
  }
  rests.push(...moves.values())
  if (causes.some((cause) => GLAZING.has(cause)))
    rests.push(
      ...(is.accents ?? []).flatMap(({ place, of }): FigureAccount['rests'] =>
        of ? [] : [{ of: { kind: 'accent', place }, how: 'follows' }],
      ),
    )
  if (causes.some((cause) => MIXED_SMALL.has(cause)))
    rests.push(
      ...(is.details ?? []).flatMap(({ key, poured, shadow, middle, light }): typeof rests =>
        shadow && middle && light
          ? []
          : [{ of: { kind: 'detail', detail: key }, how: poured ? 'keeps' : 'follows' }],
      ),
    )
  return [...rests, ...changedSince(after, was, is)]
}

/** Moves that were done before their coat was changed: whether they count is asked, and they do until it is said. */
function changedSince({ done = [] }: Project, was: Figure, is: Figure): FigureAccount['rests'] {
  if (was.stack === is.stack) return []
  const doneOf = (of: MoveOf): boolean =>
    done.some((move) => move.figure === is.id && same(move.of, of))
  const had = new Map(was.stack?.coats.map((coat) => [coat.id, coat]))
  const coats = (is.stack?.coats ?? []).flatMap((coat): MoveOf[] => {
    const before = had.get(coat.id)
    return before && !same(before, coat) ? [{ kind: 'coat', coat: coat.id }] : []
  })
  const under: MoveOf[] = same(was.stack?.under, is.stack?.under)
    ? []
    : [{ kind: 'undercoat' }, { kind: 'sketch' }]
  return [...under, ...coats].filter(doneOf).map((of) => ({ of, how: 'painted' }))
}

/**
 * What a change of a commission means for each figure that was there and still is: what was changed, and what of its
 * ladder, coats, places of life and moves rests on that and follows, keeps or has to be asked about.
 * @returns figures on which something rests, in their order; none where nothing was changed that mixes rest on.
 * @example restsOn(project, project).length // 0
 */
export function restsOn(before: Project, after: Project): FigureAccount[] {
  const had = new Map(before.figures.map((figure) => [figure.id, figure]))
  return after.figures.flatMap((is) => {
    const was = had.get(is.id)
    const causes = was ? causesOf(before, after, was, is) : []
    const rests = was && causes.length > 0 ? restsOf(after, was, is, causes) : []
    return rests.length > 0 ? [{ figure: is.id, causes, rests }] : []
  })
}

/**
 * Whether a figure is asked about: something that was decided follows, or stays though what it was for has changed.
 * @example asksAbout({ figure: 'mei', causes: ['tone'], rests: [] }) // false
 */
export const asksAbout = ({ rests }: FigureAccount): boolean =>
  rests.some(({ how }) => how !== 'follows' && how !== 'keeps')
