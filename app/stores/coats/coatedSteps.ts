import { paintedSteps, resolveStack } from '../../../core'
import type { Figure, Lab } from '../../../core'
import type { Contents } from '../palette/contents'

/** Colours of a figure's steps once its coats are laid; nothing where none are, or they name what has gone. */
export function coatedSteps(
  { stack }: Pick<Figure, 'stack'>,
  { mixOf }: Pick<Contents, 'mixOf'>,
  steps: number,
  base: number,
): Lab[] | undefined {
  if (!stack) return undefined
  try {
    return paintedSteps(resolveStack(stack, mixOf), steps, base)
  } catch {
    return undefined
  }
}
