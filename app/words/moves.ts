import { coatKinds, EVERYWHERE, USUAL_FINISH } from '../../core'
import type { Ingredient, SheetMove } from '../../core'
import { placeWords } from './places'

const started = (text: string): string => text[0]!.toUpperCase() + text.slice(1)

/** A move at the bench in one line; paints and zones by the names they go by. */
export function moveWords(
  move: SheetMove,
  zones: readonly { key: string; name: string }[],
  nameOf: (of: Ingredient) => string,
): string {
  if (move.kind === 'undercoat') return 'Undercoat'
  if (move.kind === 'accent') return `Glaze of life: ${move.name}`
  if (move.kind === 'detail') return move.name
  const { coat, thinner, passes } = move
  const { name, pigmented } = coatKinds[coat.kind]
  if (!pigmented) return `${started(name)}, ${coat.finish ?? USUAL_FINISH}, thin and even`
  const place = placeWords(coat.place ?? EVERYWHERE, zones)
  const medium = coat.thinnedWith === 'medium' ? ' with medium' : ''
  const times = passes > 1 ? `, ${passes} thin passes` : ''
  return `${started(name)} of ${nameOf(coat.of)} ${place}, thinned ${thinner} : 1${medium}${times}`
}
