/**
 * What a move at the bench is of: the undercoat, the light of a value sketch over it, one coat of the stack by its id, a
 * place of life, or an eye, teeth, claws.
 */
export type MoveOf =
  | { kind: 'undercoat' }
  | { kind: 'sketch' }
  | { kind: 'coat'; coat: string }
  | { kind: 'accent'; place: string }
  | { kind: 'detail'; detail: string }

/** A move of one figure among those that are painted alike; `copy` counts from 1. */
export interface MoveRef {
  figure: string
  copy: number
  of: MoveOf
}

const nameOf = (of: MoveOf): string => {
  if (of.kind === 'coat') return of.coat
  if (of.kind === 'accent') return of.place
  return of.kind === 'detail' ? of.detail : ''
}

/**
 * A text by which a move is told from every other. It is only ever compared, never read.
 * @example moveKey({ figure: 'mei', copy: 2, of: { kind: 'undercoat' } })
 */
export const moveKey = ({ figure, copy, of }: MoveRef): string =>
  JSON.stringify([figure, copy, of.kind, nameOf(of)])
