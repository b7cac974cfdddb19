import { deltaE00 } from '../../colour/deltaE00'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { bottlesIn } from '../../puddle/content'
import { bottleParts, partsById, resolvedParts } from '../../puddle/parts'
import { sameParts } from '../../puddle/puddle'
import type { Ingredient, Puddle, PuddlePart } from '../../puddle/puddle'
import { stepFor, stepNames } from '../../project/steps'
import type { StepKey } from '../../project/steps'
import { aimOf, roleOf } from '../roles/roles'
import type { RoleKey } from '../roles/roles'
import type { RoleMix, RoleMixes } from '../roles/roleMixes'
import { standInFor } from './bottles'
import type { MethodMix } from './method'
import { isStep } from './method'

/** The figure's ladder as a mix needs it. */
export interface LadderOf {
  /** Dark to light, with the bottles that each step comes to. */
  steps: readonly { key: StepKey; target: Lab; parts: readonly { paint: Paint; drops: number }[] }[]
  /** The puddle of a step. */
  stepId: (key: StepKey) => string
}

/** What a painter does about a role that the bottles cannot make. */
export type Choice = 'leave out' | 'stand-in'

/** A role out of reach, as it was met. */
export interface MissedRole {
  role: RoleKey
  aim: Lab
  nearest: RoleMix
}

/** A bottle counts as dark, or light, as a step when it is no further than this from it, L*. */
const AS_FAR = 6

/** A coat that is left out has no mix. */
export type MixOrNone = Ingredient | undefined

/**
 * Turns what a method names into puddles and bottles of one figure: each mix for its role first, the same mix one puddle
 * wherever it is laid, one bottle that bottle.
 */
export class MixMaker {
  readonly puddles: Puddle[] = []
  readonly missed = new Map<string, MissedRole>()
  private readonly made = new Map<string, MixOrNone>()

  constructor(
    private readonly ladder: LadderOf,
    private readonly roles: RoleMixes,
    private readonly had: readonly Puddle[],
    private readonly newId: () => string,
    private readonly choices: Readonly<Partial<Record<RoleKey, Choice>>>,
  ) {}

  /** What is laid; nothing where its role is out of reach and is left out. */
  of(mix: MethodMix): MixOrNone {
    const key = JSON.stringify(mix)
    if (!this.made.has(key)) this.made.set(key, this.make(mix))
    return this.made.get(key)
  }

  /** Bottles in what is laid. */
  partsOf(of: Ingredient): { paint: Paint; drops: number }[] {
    const { steps, stepId } = this.ladder
    const bottles = bottlesIn([{ of, drops: 1 }], (id) => {
      const own = [...this.puddles, ...this.had].find((one) => one.id === id)
      const step = steps.find(({ key }) => stepId(key) === id)
      return own?.parts ?? (step && bottleParts(partsById(step.parts)))
    })
    const all = [...this.roles.paints, ...steps.flatMap(({ parts }) => parts.map((p) => p.paint))]
    return resolvedParts(bottles, (id) => all.find((paint) => paint.id === id)!)
  }

  private colourOf = (of: Ingredient): Lab => labOf(opaqueReflectance(mixPaints(this.partsOf(of))))

  private make(mix: MethodMix): MixOrNone {
    if (isStep(mix)) return { puddle: this.ladder.stepId(this.stepThere(mix)) }
    if ('role' in mix) return this.ofRole(mix.role, mix.as)
    if ('bottle' in mix) return { bottle: this.bottleOf(mix.bottle, mix.as).id }
    if ('both' in mix) return this.ofBoth(mix.both)
    return this.ofAmounts(mix)
  }

  private stepThere = (key: StepKey): StepKey =>
    stepFor(
      key,
      this.ladder.steps.map((step) => step.key),
    )

  private aimed = (key: StepKey): Lab =>
    this.ladder.steps.find((step) => step.key === this.stepThere(key))!.target

  private ofRole(key: RoleKey, as?: StepKey): MixOrNone {
    const role = roleOf(key)
    const aim = aimOf(role, this.aimed(as ?? role.as))
    const best = this.roles.best(role, aim)
    if (best) return this.puddle(role.name, best.parts)
    const nearest = this.roles.nearest(aim)
    this.missed.set(key, { role: key, aim, nearest })
    if (this.choices[key] === 'leave out') return undefined
    return this.puddle(standInFor(role.name), nearest.parts)
  }

  /** The one bottle that is nearest to a step, of those as dark or as light as it; of none, the darkest or lightest. */
  private bottleOf(which: 'dark' | 'light', as: StepKey): Paint {
    const aim = this.aimed(as)
    const beyond = (lab: Lab): number => (which === 'dark' ? lab.L - aim.L : aim.L - lab.L)
    const seen = this.roles.paints.map((paint) => ({ paint, lab: labOf(opaqueReflectance(paint)) }))
    const asFar = seen.filter(({ lab }) => beyond(lab) <= AS_FAR)
    const by = asFar.length > 0 ? (lab: Lab) => deltaE00(lab, aim) : beyond
    return (asFar.length > 0 ? asFar : seen).reduce((one, next) =>
      by(next.lab) < by(one.lab) ? next : one,
    ).paint
  }

  private ofBoth(mixes: readonly (readonly [MethodMix, number])[]): MixOrNone {
    const parts = mixes.flatMap(([mix, drops]): PuddlePart[] => {
      const of = this.of(mix)
      return of ? [{ of, drops }] : []
    })
    if (parts.length <= 1) return parts[0]?.of
    const names = parts.map(({ of }) => this.nameOf(of).toLowerCase())
    const ratio = parts.map(({ drops }) => drops).join(' : ')
    return this.added(`${names.slice(0, -1).join(', ')} and ${names.at(-1)!}, ${ratio}`, parts)
  }

  /** Of several amounts of two the one that comes nearest to a step. */
  private ofAmounts({
    amounts: [one, other],
    ratios,
    as,
  }: Extract<MethodMix, { amounts: unknown }>): MixOrNone {
    const aim = this.aimed(as)
    const made = ratios.flatMap(([a, b]) => {
      const of =
        a > 0 && b > 0
          ? this.of({
              both: [
                [one, a],
                [other, b],
              ],
            })
          : this.of(a > 0 ? one : other)
      return of ? [{ of, off: deltaE00(this.colourOf(of), aim) }] : []
    })
    const best = made.length > 0 ? made.reduce((a, b) => (b.off < a.off ? b : a)) : undefined
    return best?.of
  }

  private nameOf(of: Ingredient): string {
    if ('bottle' in of)
      return this.roles.paints.find(({ id }) => id === of.bottle)?.name ?? of.bottle
    const step = this.ladder.steps.find(({ key }) => this.ladder.stepId(key) === of.puddle)
    if (step) return stepNames[step.key]
    return [...this.puddles, ...this.had].find(({ id }) => id === of.puddle)?.name ?? 'mix'
  }

  private puddle(name: string, parts: RoleMix['parts']): Ingredient {
    const [only, ...more] = parts
    if (only && more.length === 0) return { bottle: only.paint.id }
    return this.added(name, bottleParts(partsById(parts)))
  }

  /** The same drops under the same name are one puddle. */
  private added(name: string, parts: PuddlePart[]): Ingredient {
    const same = [...this.puddles, ...this.had].find(
      (one) => one.name === name && sameParts(one.parts, parts),
    )
    if (same) return { puddle: same.id }
    const id = this.newId()
    this.puddles.push({ id, name, parts })
    return { puddle: id }
  }
}
