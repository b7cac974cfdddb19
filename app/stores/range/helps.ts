import { shallowRef, toRaw } from 'vue'
import { heard } from '../../workers/heard'
import type { HelpAnswer } from '../../workers/rangeJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'
import type { RangeRow } from './rowOf'

/** What one more bottle is weighed in: twelve whole drops come as near as six with halves and touches (docs/drops.md). */
const LIMITS = { maxPaints: 3, maxDrops: 12 }

/** What to buy for a complexion: the bottles, owned or not, that would bring its ladder nearest. */
export function useHelps() {
  const store = useProject()
  /** Whose ladder was asked about. */
  const of = shallowRef('')
  const helps = useAnswer<RangeRow, readonly HelpAnswer[]>(
    async ({ steps }, { soFar }) => {
      const onTable = new Set(store.onTable.map(({ id }) => id))
      const found = await heard<readonly HelpAnswer[], readonly HelpAnswer[] | undefined>(
        (tell) =>
          threads.range().helps(
            {
              targets: steps.map(({ target }) => ({ ...target })),
              table: store.onTable.map(toRaw),
              others: store.paints.map(toRaw).filter(({ id }) => !onTable.has(id)),
              limits: LIMITS,
            },
            tell,
          ),
        soFar,
      )
      if (!found) throw new Error('stopped')
      return found
    },
    { interrupt: () => void threads.range().stop('helps') },
  )
  function ask(row: RangeRow): void {
    of.value = row.figure.id
    helps.answer.value = undefined
    helps.ask(row)
  }
  return { of, answer: helps.answer, busy: helps.busy, trouble: helps.trouble, ask }
}
