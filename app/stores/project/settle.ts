import type { Draft } from 'immer'
import { stepPuddle } from '../../../core'
import type { Project, PuddlePart, StepKey } from '../../../core'
import { plain } from './work'

/** What a step's puddle holds; nothing lets it be found again. */
export function settle(
  draft: Draft<Project>,
  figure: string,
  key: StepKey,
  parts: readonly PuddlePart[] | undefined,
): void {
  const id = stepPuddle(figure, key)
  const had = draft.puddles?.findIndex((one) => one.id === id) ?? -1
  if (!parts) {
    if (had >= 0) draft.puddles!.splice(had, 1)
    return
  }
  const puddle = plain({ id, figure, parts: [...parts] })
  draft.puddles ??= []
  if (had >= 0) draft.puddles[had] = puddle
  else draft.puddles.push(puddle)
}
