import { deltaE00 } from '../../colour/deltaE00'
import type { Lab } from '../../colour/lab'
import { labOfXyz } from '../../colour/lab'
import { weightsOf } from '../../colour/weights'
import type { Part } from '../../paint/mix'
import type { Paint } from '../../paint/paint'
import { smallestOf, TOUCH } from '../../puddle/dispense'
import { shareGiven, touchOf, untouched } from '../../recipe/advice/touches'
import { eachRecipe } from '../../recipe/eachRecipe'
import type { Visit } from '../../recipe/eachRecipe'
import { familiesOf } from './families'
import type { Family } from './families'
import { isInside } from './roles'
import type { Role } from './role'

/**
 * Drops of a mix of two bottles, and of three; of two one may be given in a half or in touches. Eight, whatever the figure: of
 * six the demo's fourteen bottles lack a role, of eight none.
 */
const PAIRS = { maxPaints: 2, maxDrops: 8 } as const
const THREES = { maxPaints: 3, maxDrops: 8 } as const

/** What unmeasured bottles leave in doubt, ΔE00: of mixes no nearer than this, fewer bottles and drops win. */
const ALIKE = 4

/** A bottle that nobody would look for in such a mix has to bring it so much nearer, ΔE00. */
const STRANGE = 6

/** A mix that may stand for a role. */
export interface RoleMix {
  parts: Part<Paint>[]
  lab: Lab
  /** How far it is from where the figure wants it, ΔE00, and what a strange bottle in it costs. */
  off: number
}

/** All mixes of a box, or all that hold its first bottle, as flat lists: colour, members by their places in the box, drops. */
interface Mixes {
  labs: Float64Array
  members: Uint8Array
  drops: Float32Array
  size: number
}
const SLOTS = 3
/** Drops and X, Y, Z as a recipe is called with. */
type Amounts = [many: Uint8Array, X: number, Y: number, Z: number]

function allMixes(paints: readonly Paint[], withFirst: boolean): Mixes {
  const found: number[] = []
  const members: number[] = []
  const drops: number[] = []
  const { white } = weightsOf()
  const places = new Map(paints.map(({ id }, i) => [id, i]))
  const shares = [1, 0.5, TOUCH] as const
  // A bottle in all it can be given in, then the next: what has to be in comes first.
  const given = paints.flatMap((paint) =>
    shares.map((share) => (share === 1 ? paint : touchOf(paint, share))),
  )
  const placeOf = given.map(({ id }) => places.get(untouched(id))!)
  const shareOf = given.map(({ id }) => shareGiven(id))
  const take = (count: number, who: Uint16Array, ...[many, X, Y, Z]: Amounts): void => {
    for (let i = 0; i < count; i++) {
      const place = placeOf[who[i]!]!
      const share = shareOf[who[i]!]!
      // A bottle is given once; of halves one, of touches four, and beside whole drops.
      if (share < 1 && (count < 2 || many[i]! > (share === TOUCH ? 4 : 1))) return
      for (let k = 0; k < i; k++)
        if (placeOf[who[k]!] === place || (share < 1 && shareOf[who[k]!]! < 1)) return
    }
    const { L, a, b } = labOfXyz([X, Y, Z], white)
    found.push(L, a, b)
    for (let i = 0; i < SLOTS; i++) {
      members.push(i < count ? placeOf[who[i]!]! : 0)
      drops.push(i < count ? many[i]! * shareOf[who[i]!]! : 0)
    }
  }
  const firsts = withFirst ? 1 : paints.length
  const pairs = shares.length * firsts
  eachRecipe(given, PAIRS, weightsOf(), take, undefined, pairs)
  const threes: Visit = (count, who, ...amounts) => {
    // Of bottles, not of what they are given in.
    if (count === SLOTS)
      take(
        count,
        who.map((place) => shares.length * place),
        ...amounts,
      )
  }
  eachRecipe(paints, THREES, weightsOf(), threes, undefined, firsts)
  return {
    labs: Float64Array.from(found),
    members: Uint8Array.from(members),
    drops: Float32Array.from(drops),
    size: found.length / 3,
  }
}

/**
 * Mixes of a box by what they are called: inside the window of a role and holding what such a mix holds, then nearest to
 * where a figure wants it. All that a box mixes of two bottles,
 * one of them in a half or touches too, and of three is tried, in up to eight drops.
 */
export class RoleMixes {
  private readonly mixes: Mixes
  private readonly families: readonly ReadonlySet<Family>[]

  /** @param withFirst only mixes that hold the first of these bottles. */
  constructor(
    readonly paints: readonly Paint[],
    withFirst = false,
  ) {
    this.mixes = allMixes(paints, withFirst)
    this.families = paints.map((paint) => familiesOf(paint))
  }

  /**
   * The mix for a role; nothing where this box makes none.
   * @param aim where the figure wants it.
   * @example new RoleMixes(box).best(roleOf('plum'), aimOf(roleOf('plum'), crevice))?.lab
   */
  best(role: Role, aim: Lab): RoleMix | undefined {
    const { labs, size } = this.mixes
    const at: Lab = { L: 0, a: 0, b: 0 }
    const inside: { mix: number; off: number }[] = []
    let least = Infinity
    for (let mix = 0; mix < size; mix++) {
      at.L = labs[3 * mix]!
      if (at.L < role.L[0] || at.L > role.L[1]) continue
      at.a = labs[3 * mix + 1]!
      at.b = labs[3 * mix + 2]!
      if (!isInside(role, at)) continue
      const strangers = this.strangers(mix, role.holds)
      if (strangers === undefined) continue
      const off = deltaE00(at, aim) + STRANGE * strangers
      if (off > least + ALIKE) continue
      least = Math.min(least, off)
      inside.push({ mix, off })
    }
    return this.simplest(inside.filter(({ off }) => off <= least + ALIKE))
  }

  /** The mix nearest to an aim, whatever it holds: what this box can do in a role's place. */
  nearest(aim: Lab): RoleMix {
    const { labs, size } = this.mixes
    const near: { mix: number; off: number }[] = []
    let least = Infinity
    for (let mix = 0; mix < size; mix++) {
      const off = deltaE00({ L: labs[3 * mix]!, a: labs[3 * mix + 1]!, b: labs[3 * mix + 2]! }, aim)
      if (off > least + ALIKE) continue
      least = Math.min(least, off)
      near.push({ mix, off })
    }
    return this.simplest(near.filter(({ off }) => off <= least + ALIKE))!
  }

  /**
   * Bottles in a mix that no such mix is told to hold, of the list it comes nearest to; nothing where it holds none of them
   * whole. White and black only lighten and darken.
   */
  private strangers(mix: number, lists: readonly (readonly Family[])[]): number | undefined {
    const { members, drops } = this.mixes
    let least: number | undefined
    for (const list of lists) {
      let held = 0
      let strange = 0
      for (let i = 0; i < SLOTS && drops[SLOTS * mix + i]! > 0; i++) {
        const own = this.families[members[SLOTS * mix + i]!]!
        let mine = 0
        list.forEach((family, f) => {
          if (own.has(family)) mine |= 1 << f
        })
        held |= mine
        if (mine === 0 && !own.has('white') && !own.has('black')) strange++
      }
      if (held === (1 << list.length) - 1) least = Math.min(least ?? Infinity, strange)
    }
    return least
  }

  private partsOf(mix: number): Part<Paint>[] {
    const { members, drops } = this.mixes
    return [0, 1, 2].flatMap((i) => {
      const many = drops[SLOTS * mix + i]!
      return many > 0
        ? [{ paint: this.paints[members[SLOTS * mix + i]!]!, drops: Math.round(10 * many) / 10 }]
        : []
    })
  }

  /** Of mixes that are as good as one another: the fewest bottles, then the smallest puddle, then the nearest. */
  private simplest(alike: readonly { mix: number; off: number }[]): RoleMix | undefined {
    let best: RoleMix | undefined
    let rank: [number, number, number] = [Infinity, Infinity, Infinity]
    for (const { mix, off } of alike) {
      const parts = this.partsOf(mix)
      const mine: typeof rank = [parts.length, smallestOf(parts.map(({ drops }) => drops)), off]
      const at = mine.findIndex((value, i) => value !== rank[i])
      if (at < 0 || mine[at]! > rank[at]!) continue
      const [L, a, b] = this.mixes.labs.slice(3 * mix, 3 * mix + 3) as unknown as [
        number,
        number,
        number,
      ]
      best = { parts, lab: { L, a, b }, off }
      rank = mine
    }
    return best
  }
}
