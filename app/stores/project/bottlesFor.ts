import type { Figure, Paint, Project } from '../../../core'

/** What a commission says of its bottles. */
type SaysOfBottles = Pick<Project, 'out' | 'bottles' | 'box' | 'ownedOnly' | 'palette'>

/** Mediums, thinners and varnishes have no colour to give. */
const mixes = ({ kind }: Paint): boolean =>
  kind === undefined || kind === 'paint' || kind === 'translucent' || kind === 'ink'

/** Whether a bottle is the painter's: as it was said of it, else where it is a paint of their own. */
export const isOwnedIn = (
  { bottles, box = [] }: Pick<SaysOfBottles, 'bottles' | 'box'>,
  id: string,
): boolean => bottles?.[id]?.owned ?? box.some((paint) => paint.id === id)

/** Paints of a box that take part in every plan of a commission, in its order. */
export function inCommissionOf(says: SaysOfBottles, box: readonly Paint[]): Paint[] {
  const out = new Set(says.out)
  return box.filter(
    (one) => !out.has(one.id) && mixes(one) && (!says.ownedOnly || isOwnedIn(says, one.id)),
  )
}

/** Paints that a figure may be mixed from: those of the commission, with what it has as well and does without. */
export function inForFigure(
  says: SaysOfBottles,
  { more, without }: NonNullable<Figure['bottles']>,
  box: readonly Paint[],
  inCommission: Paint[],
): Paint[] {
  if (!more?.length && !without?.length) return inCommission
  const had = new Set(inCommission)
  return box.filter((paint) => {
    if (without?.includes(paint.id)) return false
    if (had.has(paint)) return true
    const own = !says.ownedOnly || isOwnedIn(says, paint.id)
    return Boolean(more?.includes(paint.id)) && mixes(paint) && own
  })
}

/** Of paints that are in for a figure those on the table; all of them where no table was chosen, or none of it is in. */
export function onTableOf(
  { palette }: Pick<SaysOfBottles, 'palette'>,
  { more }: NonNullable<Figure['bottles']>,
  from: Paint[],
): Paint[] {
  if (!palette) return from
  const kept = new Set([...palette, ...(more ?? [])])
  const few = from.filter(({ id }) => kept.has(id))
  return few.length > 0 ? few : from
}
