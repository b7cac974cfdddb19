import { isBottle } from '../puddle/puddle'
import type { Project } from './commission'
import type { Figure } from './figure'
import type { StoredPuddle } from './storedPuddle'

/**
 * Whether anything of a figure is painted or mixed at the bench: from then on its mixes stay as they were poured, unless its painter says so.
 * @example hasBegun({ done: [] }, 'mei') // false
 */
export const hasBegun = (
  { done = [], mixed = [] }: Pick<Project, 'done' | 'mixed'>,
  figure: string,
): boolean => [...done, ...mixed].some((one) => one.figure === figure)

/**
 * A figure without the mixes that were held for it as its painting began: steps and glazes are found for it again.
 * @param puddles of the commission.
 * @example withoutHeld({ id: 'mei', accents: [] }, []).puddles // []
 */
export function withoutHeld<Of extends Pick<Figure, 'id' | 'accents' | 'details'>>(
  figure: Of,
  puddles: readonly StoredPuddle[],
): { figure: Of; puddles: StoredPuddle[] } {
  const held = new Set(
    puddles.flatMap((one) => (one.held && one.figure === figure.id ? [one.id] : [])),
  )
  const accents = figure.accents?.map((one) => {
    if (!one.of || isBottle(one.of) || !held.has(one.of.puddle)) return one
    const { of: _of, thinner: _thinner, passes: _passes, ...rest } = one
    return rest
  })
  const details = figure.details?.map(({ poured: _poured, ...rest }) => rest)
  return {
    figure: { ...figure, ...(accents ? { accents } : {}), ...(details ? { details } : {}) },
    puddles: puddles.filter(({ id }) => !held.has(id)),
  }
}
