import { shallowRef, toRaw, watch } from 'vue'
import { blankFigure, hidePlaces, skinPlaces } from '../../../core'
import type { Figure } from '../../../core'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { rowOf } from './rowOf'
import type { RangeRow } from './rowOf'

/** A scale of complexions and hides, as they would be painted from the table in the lighting of the figure that is open. */
export function useAcross() {
  const store = useProject()
  const rows = shallowRef<RangeRow[]>([])
  const figures = memoise(() => {
    // Its own moved steps and chosen bottles are of this figure alone.
    const { moved: _moved, progression: _progression, ...plan } = store.plan
    const { size } = store.figure
    return [
      ...skinPlaces.map(({ name, tone }) =>
        blankFigure(name, { name, size, plan, tone: { kind: 'skin', ...tone } }),
      ),
      ...hidePlaces.map(({ name, tone }) =>
        blankFigure(name, { name, size, plan, kind: 'creature', tone: { kind: 'hide', ...tone } }),
      ),
    ]
  })
  const { trouble, busy, ask } = useAnswer<readonly Figure[], void>(async (list, { newest }) => {
    const paints = store.onTable.map(toRaw)
    const next: RangeRow[] = []
    for (const figure of list) {
      if (!newest()) return
      next.push(await rowOf(toRaw(figure), paints, []))
      // The scale fills from light to dark; what stood there before stays until then.
      rows.value = [...next, ...rows.value.slice(next.length)]
    }
  })
  watch([figures, () => store.onTable], ([list]) => store.onTable.length > 0 && ask(list), {
    immediate: true,
  })
  return { rows, trouble, busy, many: skinPlaces.length + hidePlaces.length }
}
