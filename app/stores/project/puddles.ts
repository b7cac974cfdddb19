import { isBottle, LET_DOWN_WHITE, longest } from '../../../core'
import type { PuddlePart, StepKey, StoredPuddle } from '../../../core'
import { newId } from '../../vault/newId'
import { strongIn } from '../palette/smallBox'
import { keepAsOwn } from './brought'
import { settle } from './settle'
import { plain } from './work'
import type { OpenWork } from './work'

/** Mixes on the palettes of the commission. */
export const puddleActions = ({ change, figure, project }: OpenWork) => ({
  /**
   * A new puddle on the palette of the figure that is open, or on that of the commission.
   * @returns its id; nothing where it was refused.
   */
  makePuddle(
    { name, parts }: { name?: string; parts: readonly PuddlePart[] },
    forAll = false,
  ): string | undefined {
    const id = newId()
    const made = change('', (draft) => {
      draft.puddles ??= []
      draft.puddles.push(
        plain({
          id,
          ...(name ? { name } : {}),
          ...(forAll ? {} : { figure: figure.value.id }),
          parts: [...parts],
        }),
      )
    })
    return made ? id : undefined
  },
  /** What a puddle holds and is called, wherever it is used. */
  changePuddle(
    id: string,
    made: { name?: string; parts?: readonly PuddlePart[]; forAll?: boolean },
    tag = '',
  ) {
    return change(tag && `puddle ${id} ${tag}`, (draft) => {
      const one = draft.puddles?.find((puddle) => puddle.id === id)
      if (!one) return
      keepAsOwn(draft.figures, id)
      if (made.parts) one.parts = plain([...made.parts])
      if (made.name !== undefined) {
        if (made.name === '') delete one.name
        else one.name = made.name
      }
      if (made.forAll === true) delete one.figure
      if (made.forAll === false) one.figure = figure.value.id
    })
  },
  /**
   * One puddle for steps of several figures, on the palette of the commission; what pours those steps pours it.
   * @param parts what it holds; where that is one puddle of all figures already, that one is taken.
   */
  sharePuddle(
    { name, parts }: { name: string; parts: readonly PuddlePart[] },
    steps: readonly { figure: string; key: StepKey }[],
  ) {
    const [only, ...more] = parts
    const shared =
      only && more.length === 0 && !isBottle(only.of) ? this.puddleOf(only.of.puddle) : undefined
    const id = shared?.figure === undefined && shared ? shared.id : newId()
    return change('', (draft) => {
      draft.puddles ??= []
      if (id !== shared?.id) draft.puddles.push(plain({ id, name, parts: [...parts] }))
      for (const { figure, key } of steps)
        settle(draft, figure, key, [{ of: { puddle: id }, drops: 1 }])
    })
  },
  /**
   * Lets bottles down in white for the whole commission, as one change; a bottle that is let down already stays so.
   * @param white bottle that they are let down in.
   */
  letDown(bottles: readonly { id: string; name: string }[], white: string) {
    return change('', (draft) => {
      draft.puddles ??= []
      const had = new Set(draft.puddles.map(strongIn))
      for (const { id, name } of bottles)
        if (!had.has(id))
          draft.puddles.push({
            id: newId(),
            name: `${name}, let down`.slice(0, longest.shortName),
            letDown: true,
            parts: [
              { of: { bottle: id }, drops: 1 },
              { of: { bottle: white }, drops: LET_DOWN_WHITE },
            ],
          })
    })
  },
  /** Takes a puddle off the palette; one that is used is refused. */
  dropPuddle(id: string) {
    return change('', (draft) => {
      const at = draft.puddles?.findIndex((puddle) => puddle.id === id) ?? -1
      if (at >= 0) draft.puddles!.splice(at, 1)
    })
  },
  puddleOf: (id: string): StoredPuddle | undefined =>
    project.value.puddles?.find((puddle) => puddle.id === id),
})
