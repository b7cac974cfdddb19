import type { Ingredient } from '../../../core'

/** What a drag carries within this application. */
const KIND = 'application/x-cobaltfinch-mix'

/** A well is taken up with the pointer. */
export function carry(event: DragEvent, of: Ingredient): void {
  event.dataTransfer?.setData(KIND, JSON.stringify(of))
  event.dataTransfer?.setData('text/plain', '')
}
/** Whether a drag carries a mix, so that it may be put down here. */
export const carriesMix = (event: DragEvent): boolean =>
  event.dataTransfer?.types.includes(KIND) ?? false

/** The mix that was put down; nothing where it was something else. */
export function carriedMix(event: DragEvent): Ingredient | undefined {
  const text = event.dataTransfer?.getData(KIND)
  return text ? (JSON.parse(text) as Ingredient) : undefined
}
