import { opaqueReflectance } from '../paint/opaque'
import { mixPaints } from '../paint/mix'
import type { Part } from '../paint/mix'
import type { Paint } from '../paint/paint'
import { sameIngredient } from '../puddle/puddle'
import type { Ingredient } from '../puddle/puddle'
import { coatKinds } from './coatKinds'
import { EVERYWHERE } from '../project/place'
import type { Stack, StackCoat } from './stack'
import type { StackPlan } from '../project/stack'

/**
 * Everything that a stack names: its undercoat's and its coats', each once.
 * @example ingredientsOf(plan).length // 2
 */
export function ingredientsOf({ under, coats }: StackPlan): Ingredient[] {
  const all = [
    ...(under.kind === 'flat' ? [under.of] : [under.dark, under.light]),
    ...coats.filter(({ kind }) => coatKinds[kind].pigmented).map(({ of }) => of),
  ]
  return all.filter((of, i) => all.findIndex((other) => sameIngredient(of, other)) === i)
}

/** Paints of what is laid, in shares of drops; throws where it names what is not there. */
export type MixOf = (of: Ingredient) => Part<Paint>[]

/**
 * A plan with its mixes filled in.
 * @throws whatever `mixOf` throws for what is not there.
 * @example resolveStack(plan, mixOf).coats.length // 1
 */
export function resolveStack(plan: StackPlan, mixOf: MixOf): Stack {
  const seen = (of: Ingredient) => opaqueReflectance(mixPaints(mixOf(of)))
  const coats = plan.coats.map(
    ({ kind, of, thinner, passes, place, thinnedWith, lifted, finish }): StackCoat => ({
      kind,
      ...(thinnedWith ? { thinnedWith } : {}),
      ...(lifted ? { lifted } : {}),
      ...(finish ? { finish } : {}),
      thinner: thinner ?? coatKinds[kind].thinner,
      passes: passes ?? 1,
      place: place ?? EVERYWHERE,
      on: plan.films?.[kind],
      parts: coatKinds[kind].pigmented ? mixOf(of) : [],
    }),
  )
  const { under } = plan
  return {
    coats,
    under:
      under.kind === 'flat'
        ? { kind: 'flat', reflectance: seen(under.of) }
        : { ...under, dark: seen(under.dark), light: seen(under.light) },
  }
}
