import { isBottle } from '../puddle/puddle'
import type { Project } from './commission'
import type { Figure } from './figure'
import type { StoredPuddle } from './storedPuddle'

/**
 * Whether anything of a figure is painted: from then on its mixes stay as they were poured, unless its painter says so.
 * @example hasBegun({ done: [] }, 'mei') // false
 */
export const hasBegun = ({ done = [] }: Pick<Project, 'done'>, figure: string): boolean =>
  done.some((move) => move.figure === figure)

/**
 * A figure without the mixes that were held for it as its painting began: steps and glazes are found for it again.
 * @param puddles of the commission.
 * @example withoutHeld({ id: 'mei', accents: [] }, []).puddles // []
 */
export function withoutHeld<Of extends Pick<Figure, 'id' | 'accents'>>(
  figure: Of,
  puddles: readonly StoredPuddle[],
): { figure: Of; puddles: StoredPuddle[] } {
  const held = new Set(
    puddles.flatMap((one) => (one.held && one.figure === figure.id ? [one.id] : [])),
  )
  return {
    figure: {
      ...figure,
      ...(figure.accents
        ? {
            accents: figure.accents.map(({ of, thinner, passes, ...rest }) =>
              of && !isBottle(of) && held.has(of.puddle)
                ? rest
                : {
                    ...rest,
                    ...(of ? { of } : {}),
                    ...(thinner === undefined ? {} : { thinner }),
                    ...(passes === undefined ? {} : { passes }),
                  },
            ),
          }
        : {}),
    },
    puddles: puddles.filter(({ id }) => !held.has(id)),
  }
}
