import type { Draft } from 'immer'
import { hasBegun, withoutHeld } from '../../../core'
import type { FigureStack, PouredTone, Project, PuddlePart, StoredPuddle } from '../../../core'
import { newId } from '../../vault/newId'
import { plain } from './work'

/** What a figure is painted with as its painting begins, as far as nobody had settled it. */
export interface Standing {
  figure: string
  stack: FigureStack
  /** Steps of its ladder that were found for it, by their puddles. */
  steps: readonly { id: string; parts: readonly PuddlePart[] }[]
  /** Glazes that were found for its places of life. */
  accents: readonly {
    place: string
    name: string
    parts: readonly PuddlePart[]
    thinner: number
    passes: number
  }[]
  /** Tones that were found for its eyes, teeth, claws. */
  details: readonly { key: string; poured: readonly PouredTone[] }[]
}

/** From now on the mixes of a figure stay as they are, whatever is changed beside them. */
export function hold(
  draft: Draft<Project>,
  { figure, stack, steps, accents, details }: Standing,
): void {
  const one = draft.figures.find(({ id }) => id === figure)
  if (!one) return
  draft.puddles ??= []
  const had = new Set(draft.puddles.map(({ id }) => id))
  const add = (puddle: Omit<StoredPuddle, 'figure' | 'held'>) =>
    draft.puddles!.push(plain({ ...puddle, figure, held: true as const }))
  for (const { id, parts } of steps) if (!had.has(id)) add({ id, parts: [...parts] })
  for (const { place, name, parts, thinner, passes } of accents) {
    const accent = one.accents?.find((other) => other.place === place)
    if (!accent || accent.of) continue
    const id = newId()
    add({ id, name, parts: [...parts] })
    Object.assign(accent, { of: { puddle: id }, thinner, passes })
  }
  for (const { key, poured } of details) {
    const detail = one.details?.find((other) => other.key === key)
    if (detail && !detail.poured) detail.poured = plain([...poured])
  }
  one.stack ??= plain(stack)
}

/** The mixes of a figure that were held are found again. */
export function letGo(draft: Draft<Project>, figure: string): void {
  const one = draft.figures.find(({ id }) => id === figure)
  const poured = one?.details?.some((detail) => detail.poured) ?? false
  const stays = (puddle: StoredPuddle): boolean => !puddle.held || puddle.figure !== figure
  if (!one || (!poured && (draft.puddles ?? []).every(stays))) return
  const free = withoutHeld(plain(one), plain(draft.puddles ?? []))
  if (draft.puddles) draft.puddles = free.puddles
  if (free.figure.accents) one.accents = free.figure.accents
  if (free.figure.details) one.details = free.figure.details
}

/** Where nothing is painted any more, nothing is held. */
export function letGoUnbegun(draft: Draft<Project>): void {
  const held = new Set([
    ...(draft.puddles ?? []).flatMap((one) => (one.held && one.figure) || []),
    ...draft.figures.flatMap(({ id, details }) => (details?.some((one) => one.poured) ? [id] : [])),
  ])
  for (const id of held) if (!hasBegun(draft as Project, id)) letGo(draft, id)
}
