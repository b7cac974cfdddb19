import type { Project } from './commission'
import type { Figure } from './figure'
import { isBottle } from '../puddle/puddle'
import type { Ingredient } from '../puddle/puddle'

/** Where a puddle is used. */
export type PuddleUse =
  | { kind: 'undercoat'; figure: string }
  | { kind: 'coat'; figure: string; coat: string; at: number }
  | { kind: 'accent'; figure: string; place: string }
  | { kind: 'detail'; figure: string; detail: string }
  | { kind: 'puddle'; puddle: string; name?: string }

/** Everything that a figure paints with, and as what. */
export function paintedWith(figure: Figure): { use: PuddleUse; of: Ingredient }[] {
  const { id, stack, accents = [], details = [] } = figure
  const under = !stack
    ? []
    : stack.under.kind === 'flat'
      ? [stack.under.of]
      : [stack.under.dark, stack.under.light]
  return [
    ...under.map((of) => ({ use: { kind: 'undercoat', figure: id } as const, of })),
    ...(stack?.coats ?? []).map(({ id: coat, of }, at) => ({
      use: { kind: 'coat', figure: id, coat, at } as const,
      of,
    })),
    ...accents.flatMap(({ place, of }) =>
      of ? [{ use: { kind: 'accent', figure: id, place } as const, of }] : [],
    ),
    ...details.flatMap(({ key, shadow, middle, light }) =>
      [shadow, middle, light].flatMap((of) =>
        of ? [{ use: { kind: 'detail', figure: id, detail: key } as const, of }] : [],
      ),
    ),
  ]
}

/**
 * Where a puddle is used: in coats, accents, eyes and in other puddles. The log does not count; it keeps what was.
 * @example usesOf(project, 'flesh').length // 0
 */
export function usesOf(project: Project, puddle: string): PuddleUse[] {
  const is = (of: Ingredient): boolean => !isBottle(of) && of.puddle === puddle
  return [
    ...project.figures.flatMap((figure) =>
      paintedWith(figure).flatMap(({ use, of }) => (is(of) ? [use] : [])),
    ),
    ...(project.puddles ?? [])
      .filter(({ parts }) => parts.some(({ of }) => is(of)))
      .map(({ id, name }) => ({ kind: 'puddle' as const, puddle: id, ...(name ? { name } : {}) })),
  ]
}
