import { coatKinds, EVERYWHERE, USUAL_FINISH } from '../../core'
import type { Ingredient, SheetMove, Thinner } from '../../core'
import { placeWords } from './places'

const started = (text: string): string => text[0]!.toUpperCase() + text.slice(1)

/** From where a value sketch is sprayed or brushed, by the height of the light, degrees. */
function steepness(elevation: number): string {
  if (elevation >= 80) return 'straight down'
  if (elevation >= 50) return 'steep'
  return 'from one side'
}

/** How a coat is thinned; nothing to add is nothing to say. */
export const thinWords = (thinner: number, thinnedWith?: Thinner): string =>
  thinner === 0
    ? 'as it comes'
    : `thinned ${thinner} : 1${thinnedWith ? ` with ${thinnedWith}` : ''}`

/** A move at the bench in one line; paints and zones by the names they go by. */
export function moveWords(
  move: SheetMove,
  zones: readonly { key: string; name: string }[],
  nameOf: (of: Ingredient) => string,
): string {
  if (move.kind === 'undercoat') return `${started(nameOf(move.of))}, all over`
  if (move.kind === 'sketch')
    return `${started(nameOf(move.of))} from above, ${steepness(move.elevation)}`
  if (move.kind === 'accent') return `Glaze of life: ${move.name}`
  if (move.kind === 'detail') return move.name
  const { coat, thinner, passes } = move
  const { name, pigmented } = coatKinds[coat.kind]
  if (!pigmented) return `${started(name)}, ${coat.finish ?? USUAL_FINISH}, thin and even`
  const place = placeWords(coat.place ?? EVERYWHERE, zones)
  const times = passes > 1 ? `, ${passes} thin passes` : ''
  const pools = coat.lifted ? '; lift the pools' : ''
  const thin = thinWords(thinner, coat.thinnedWith === 'medium' ? 'medium' : undefined)
  return `${started(name)} of ${nameOf(coat.of)} ${place}, ${thin}${times}${pools}`
}
