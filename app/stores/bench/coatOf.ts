import type { BenchMove, Stack, StackCoat } from '../../../core'
import { useAccents } from '../accents'
import { useCoats } from '../coats'
import { glazeCoat } from '../glazes'
import { useProject } from '../project/project'
import { stackPlanOf } from '../coats'
import type { useAlongside } from './alongside'

/** The coat with its mix that a move lays, of the open figure or of one alongside; nothing until it is found. */
export function useCoatOf(alongside: ReturnType<typeof useAlongside>) {
  const store = useProject()
  const coats = useCoats()
  const accents = useAccents()
  return ({ figure, of }: BenchMove): StackCoat | undefined => {
    if (of.kind === 'undercoat') return undefined
    const other = alongside.figures.value.find(({ id }) => id === figure)
    const mixed = alongside.mixed.value.get(figure)
    if (other && !mixed) return undefined
    if (of.kind === 'accent') {
      if (mixed) return mixed.glazes.get(of.place)
      const found = accents.found.get(of.place)
      return found && glazeCoat(found)
    }
    const at = stackPlanOf(other ?? store.figure).coats.findIndex(({ id }) => id === of.coat)
    const stack: Stack | undefined = mixed ? mixed.stack : coats.trouble ? undefined : coats.stack
    return stack?.coats[at]
  }
}
