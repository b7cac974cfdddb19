import { computed } from 'vue'
import {
  EVERYWHERE,
  formKeyOf,
  isEverywhere,
  lifeZones,
  resolveStack,
  zonesNamed,
} from '../../../core'
import type { BenchMove, Figure, Lab, LightPlace, Place, Spot, Stack } from '../../../core'
import { layersOf, paintedAfter } from '../coats/paintedForm'
import { stackPlanOf } from '../coats/stackPlanOf'
import type { FigurePalette } from '../palette/figurePalette'

/** Places of a form where eyes, teeth and claws lie. */
const SMALL: Readonly<Record<string, readonly string[]>> = {
  eye: ['eye', 'iris'],
  'clouded-eye': ['eye', 'iris'],
  teeth: ['teeth'],
  claws: ['claws'],
  mouth: ['mouth'],
}
/** What a primer that is not there looks like: bare resin or metal, primed grey. */
const BARE: Lab = { L: 62, a: 0, b: 0 }

/** What the light of a value sketch reaches, by how steep it falls. */
function reached(elevation: number): Place {
  const light: LightPlace[] = elevation >= 50 ? ['light', 'glint'] : ['middle', 'light', 'glint']
  return [{ light }]
}

/** Where a move goes on its figure, and what is painted there so far. */
export interface BenchWhere {
  place: Place
  /** What the form tells apart. */
  zones: readonly string[]
  /** Whether the figure's form has the places that are named; else a drawing shows them. */
  onForm: boolean
  painted: (spot: Spot) => Lab
}

function placeOf(palette: FigurePalette, { of }: BenchMove): Place {
  if (of.kind === 'detail') return [{ zones: SMALL[of.detail] ?? [of.detail] }]
  if (of.kind === 'sketch') {
    const { under } = stackPlanOf(palette.paint.figure)
    return under.kind === 'sketch' ? reached(under.elevation) : EVERYWHERE
  }
  return palette.coatOf(of)?.place ?? EVERYWHERE
}

const marked = ({ sculpt, plan }: Figure): Set<string> =>
  new Set(sculpt ? [] : lifeZones[formKeyOf(plan)].map(({ key }) => key))

/** @param palette of the figure that the move is on, once it is found. */
export function useWhere(
  move: () => BenchMove | undefined,
  palette: () => FigurePalette | undefined,
) {
  const stack = computed<Stack | undefined>(() => {
    const one = palette()
    try {
      return one && resolveStack(stackPlanOf(one.paint.figure), one.mixOf)
    } catch {
      // A bottle has gone, or a mix is not found yet: the form shows no paint.
      return undefined
    }
  })
  const layers = computed(() => stack.value && layersOf(stack.value))
  return computed<BenchWhere | undefined>(() => {
    const now = move()
    const one = palette()
    if (!now || !one) return undefined
    const { figure } = one.paint
    const { of } = now
    const { coats } = stackPlanOf(figure)
    const place = placeOf(one, now)
    const before =
      of.kind === 'coat'
        ? coats.findIndex(({ id }) => id === of.coat)
        : of.kind === 'undercoat' || of.kind === 'sketch'
          ? undefined
          : coats.length
    const has = marked(figure)
    const named = place.flatMap(({ zones = [] }) => zones)
    return {
      place,
      zones: [...new Set(coats.flatMap((coat) => zonesNamed(coat.place ?? EVERYWHERE)))],
      onForm: isEverywhere(place) || named.length === 0 || named.some((key) => has.has(key)),
      painted:
        before === undefined || !stack.value || !layers.value
          ? () => BARE
          : paintedAfter(stack.value, layers.value, before),
    }
  })
}
