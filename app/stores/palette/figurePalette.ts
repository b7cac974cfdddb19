import {
  bottlesIn,
  coatDrops,
  coatKinds,
  EVERYWHERE,
  ingredientsOf,
  isBottle,
  labOf,
  mixPaints,
  opaqueReflectance,
  palettePlan,
  reachedFrom,
  sameIngredient,
  stepOf,
  wantedDrops,
} from '../../../core'
import type {
  Ingredient,
  Lab,
  MoveOf,
  Paint,
  PalettePlan,
  Part,
  PlannedPuddle,
  PuddlePart,
  StackCoat,
} from '../../../core'
import { pouredOf } from '../accents/details'
import { glazeCoat } from '../accents/glazes'
import { stackPlanOf } from '../coats/stackPlanOf'
import type { Standing } from '../project/holding'
import { isKnown, nameOf as paintName, withPaints } from '../paints'
import { detailedWith, foundPuddles, glazedWith, paintedOf } from './figurePaint'
import type { FigurePaint, FoundPuddle } from './figurePaint'

/** How a mix looks, opaque, or why it cannot be mixed. */
export interface MixLook {
  lab: Lab | undefined
  trouble: string
}

/** The palette of one figure: what is in every well, what it looks like, how much of it is mixed, what it is for. */
export class FigurePalette {
  readonly found: readonly FoundPuddle[]
  private readonly foundParts: ReadonlyMap<string, readonly PuddlePart[]>
  private planned: PalettePlan | undefined

  constructor(
    readonly paint: FigurePaint,
    zoneName: (place: string) => string,
  ) {
    this.found = foundPuddles(paint, zoneName)
    this.foundParts = new Map(this.found.map(({ id, made }) => [id, made]))
  }

  partsOf = (puddle: string): readonly PuddlePart[] | undefined =>
    this.foundParts.get(puddle) ?? this.paint.contents.partsOf(puddle)

  nameOf = (of: Ingredient): string =>
    (isBottle(of) ? undefined : this.found.find(({ id }) => id === of.puddle)?.name) ??
    this.paint.contents.nameOf(of)

  private bottlesOf = (parts: readonly PuddlePart[]) =>
    bottlesIn(parts, this.partsOf, (puddle) => this.nameOf({ puddle }))

  /** Paints of what is laid, in shares of drops; throws for what is not there. */
  mixOf = (of: Ingredient): Part<Paint>[] => withPaints(this.bottlesOf([{ of, drops: 1 }]))

  look(parts: readonly PuddlePart[]): MixLook {
    try {
      const bottles = this.bottlesOf(parts)
      const gone = bottles.find(({ paint }) => !isKnown(paint))
      if (gone) return { lab: undefined, trouble: `It holds ${paintName(gone.paint)}.` }
      const lab = labOf(opaqueReflectance(mixPaints(withPaints(bottles))))
      return { lab, trouble: '' }
    } catch (error) {
      return { lab: undefined, trouble: (error as Error).message }
    }
  }

  /** How much of everything is mixed, for all that are painted like it; what cannot be mixed is left out. */
  get plan(): PalettePlan {
    this.planned ??= palettePlan(
      wantedDrops(paintedOf(this.paint)).filter(
        ({ of }) => this.look([{ of, drops: 1 }]).lab !== undefined,
      ),
      this.partsOf,
    )
    return this.planned
  }

  plannedOf = (of: Ingredient): PlannedPuddle | undefined =>
    this.plan.puddles.find((one) => sameIngredient(one.of, of))

  /** What a move at the bench is painted with; nothing where nothing is mixed for it, or it is not found yet. */
  paintedWith(of: MoveOf): Ingredient[] {
    const { figure, glazes, details } = this.paint
    const { under, coats } = stackPlanOf(figure)
    if (of.kind === 'undercoat') return under.kind === 'flat' ? [under.of] : [under.dark]
    if (of.kind === 'sketch') return under.kind === 'flat' ? [] : [under.light]
    if (of.kind === 'coat') {
      const coat = coats.find(({ id }) => id === of.coat)
      return coat && coatKinds[coat.kind].pigmented ? [coat.of] : []
    }
    if (of.kind === 'accent') {
      const glaze = glazedWith(figure.id, of.place, glazes)
      return glaze ? [glaze] : []
    }
    const detail = details.find(({ key }) => key === of.detail)
    return detail ? detailedWith(detail) : []
  }

  /** A move as the coat it is, with its paint; nothing where it is none or not found yet. */
  coatOf(of: MoveOf): StackCoat | undefined {
    const { figure, glazes } = this.paint
    if (of.kind === 'accent') {
      const glaze = glazes.get(of.place)
      return glaze && glazeCoat(glaze, of.place)
    }
    if (of.kind === 'undercoat' || of.kind === 'sketch') return undefined
    if (of.kind === 'detail') {
      const middle = this.paintedWith(of)[1]
      const parts = middle && this.tryMix(middle)
      return parts && { kind: 'layer', thinner: 1, passes: 1, place: EVERYWHERE, parts }
    }
    const coat = stackPlanOf(figure).coats.find(({ id }) => id === of.coat)
    if (!coat) return undefined
    const { pigmented, thinner } = coatKinds[coat.kind]
    const parts = pigmented ? this.tryMix(coat.of) : []
    return (
      parts && {
        kind: coat.kind,
        ...(coat.thinnedWith ? { thinnedWith: coat.thinnedWith } : {}),
        ...(coat.lifted ? { lifted: coat.lifted } : {}),
        ...(coat.finish ? { finish: coat.finish } : {}),
        thinner: coat.thinner ?? thinner,
        passes: coat.passes ?? 1,
        place: coat.place ?? EVERYWHERE,
        parts,
      }
    )
  }

  /** What it is painted with and nobody has settled, to be held as painting begins. */
  standing(): Standing {
    const { figure, glazes, details } = this.paint
    const stack = stackPlanOf(figure)
    const accents = [...glazes].flatMap(([place, { of, made, ratio, passes }]) => {
      if (of || passes === 0) return []
      const name = this.nameOf(glazedWith(figure.id, place, glazes)!)
      return [{ place, name, parts: made, thinner: ratio, passes }]
    })
    const laid = [
      ...ingredientsOf(stack),
      ...accents.flatMap(({ parts }) => parts.map((part) => part.of)),
      ...(figure.accents ?? []).flatMap(({ of }) => of ?? []),
    ]
    const steps = [...reachedFrom(laid, this.partsOf)].flatMap(([id, parts]) =>
      parts.length > 0 && stepOf(figure.id, id) ? [{ id, parts }] : [],
    )
    return {
      figure: figure.id,
      stack,
      steps,
      accents,
      details: details.flatMap(({ on, key, found }) =>
        on && found.length > 0 ? [{ key, poured: found.map(pouredOf) }] : [],
      ),
    }
  }

  /** Drops that a varnish takes, which nothing is mixed for. */
  varnishDrops(passes: number): number {
    const { amounts } = paintedOf(this.paint)
    return coatDrops(amounts, { share: 1, coats: passes, thinner: 0, wicked: false })
  }

  private tryMix(of: Ingredient): Part<Paint>[] | undefined {
    try {
      return this.mixOf(of)
    } catch {
      // It names what has gone, or is not found yet.
      return undefined
    }
  }
}
