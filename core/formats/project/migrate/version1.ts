import { heightIn, sizeLimits } from '../../../project/figureSize'
import { hideZones } from '../../../tone/hideZones'
import { skinZones } from '../../../tone/skinZones'
import { slugOf } from '../../slug'
import { longest } from '../../../project/limits'
import { isLoose } from './loose'
import type { Loose } from './loose'

/**
 * Version 1 to 2. Coats, accents and versions get ids; a figure has one size and one number of it; what is done and
 * what dries belongs to the commission and says what it is of; a log entry names its figure by id.
 */

const listOf = (data: unknown): Loose[] => (Array.isArray(data) ? data.filter(isLoose) : [])
const textOf = (data: unknown): string => (typeof data === 'string' ? data : '')

/**
 * The stack of a figure whose painter had not chosen one was known by the same places.
 * @example firstCoatId(0)
 */
export const firstCoatId = (at: number): string => `coat-${at + 1}`

/** A height and whether it is a bust, from what was chosen or, where nothing was, from what was written. */
function sizeOf(figure: Loose, plan: Loose): { size: Loose; told: boolean } {
  const scale = textOf(figure.scale)
  const bust = /bust/i.test(scale) || plan.sizeMm === 200 ? { bust: true } : {}
  if (typeof plan.sizeMm === 'number')
    return { size: { heightMm: plan.sizeMm, ...bust }, told: true }
  const mm = Number(/(\d+(?:\.\d+)?)\s*mm/i.exec(scale)?.[1])
  const part = Number(/1\s*[:/]\s*(\d+(?:\.\d+)?)/.exec(scale)?.[1])
  const heightMm = mm || (part ? heightIn(part) : 54)
  const fits = heightMm >= sizeLimits[0] && heightMm <= sizeLimits[1]
  return {
    size: { heightMm: fits ? heightMm : 54, ...bust },
    told: scale === '' || (fits && Boolean(mm || part)),
  }
}

const placeKeys = (figure: Loose): ReadonlyMap<string, string> =>
  new Map(
    (isLoose(figure.tone) && figure.tone.kind === 'hide' ? hideZones : skinZones).map(
      ({ key, name }) => [name, key] as const,
    ),
  )

const numbered = (list: unknown, name: string): unknown =>
  Array.isArray(list)
    ? list.map((one: unknown, i) => (isLoose(one) ? { id: `${name}-${i + 1}`, ...one } : one))
    : list

function figureFrom(old: unknown): unknown {
  if (!isLoose(old)) return old
  const { scale, plan: oldPlan, bench: oldBench, stack, accents, versions, ...rest } = old
  const plan = isLoose(oldPlan) ? oldPlan : {}
  const bench = isLoose(oldBench) ? oldBench : undefined
  const { sizeMm: _size, figures, ...keptPlan } = plan
  const {
    many: inRotation,
    done: _done,
    doneAt: _at,
    mixed: _mixed,
    timers: _timers,
    ...keptBench
  } = bench ?? {}
  const { size, told } = sizeOf(old, plan)
  const many = figures ?? inRotation ?? 1
  const note = textOf(rest.note)
  const hasScale = !told && note.length + textOf(scale).length + 3 <= longest.note
  return {
    ...rest,
    note: hasScale ? [note, textOf(scale)].filter(Boolean).join(' · ') : rest.note,
    kind: isLoose(rest.tone) && rest.tone.kind === 'hide' ? 'creature' : 'person',
    size,
    many,
    // Sculpts lay beside the project under the figure's own id.
    sculpt: rest.id,
    plan: isLoose(oldPlan) ? keptPlan : oldPlan,
    ...(isLoose(stack)
      ? {
          stack: {
            ...stack,
            coats: Array.isArray(stack.coats)
              ? stack.coats.map((coat: unknown, i) =>
                  isLoose(coat) ? { id: firstCoatId(i), ...coat } : coat,
                )
              : stack.coats,
          },
        }
      : stack === undefined
        ? {}
        : { stack }),
    ...(bench
      ? {
          bench: {
            ...keptBench,
            ...(inRotation !== undefined && inRotation !== many ? { atOnce: inRotation } : {}),
          },
        }
      : {}),
    ...(accents === undefined
      ? {}
      : {
          accents: Array.isArray(accents)
            ? accents.map((place: unknown, i) => ({ id: `accent-${i + 1}`, place }))
            : accents,
        }),
    ...(versions === undefined
      ? {}
      : {
          versions:
            (numbered(versions, 'version') as unknown[]).map?.((one) => {
              if (!isLoose(one) || !isLoose(one.plan)) return one
              const { sizeMm: _mm, figures: _many, ...was } = one.plan
              return { ...one, plan: was }
            }) ?? versions,
        }),
  }
}

/** What a move was of, by the id it had: `2 coat 0`, `mei undercoat`, `1 accent Cheek`. */
function refOf(id: string, own: Loose, figures: ReadonlyMap<string, Loose>): Loose | undefined {
  const found = /^(\S+) (undercoat|coat|accent)(?: (.+))?$/.exec(id)
  if (!found) return undefined
  const [, who, kind, rest = ''] = found
  const other = figures.get(who!)
  const copy = Number(who)
  const figure = Number.isInteger(copy) && copy > 0 ? own : other
  if (!figure) return undefined
  const of =
    kind === 'undercoat'
      ? { kind }
      : kind === 'coat'
        ? { kind, coat: firstCoatId(Number(rest)) }
        : { kind, place: placeKeys(figure).get(rest) ?? rest }
  return { figure: figure.id, copy: figure === own && copy > 0 ? copy : 1, of }
}

function benchFrom(figures: readonly Loose[]): { done: Loose[]; timers: Loose[] } {
  const byId = new Map(figures.map((figure) => [textOf(figure.id), figure]))
  const done = new Map<string, Loose>()
  const timers = new Map<string, Loose>()
  for (const figure of figures) {
    if (!isLoose(figure.bench)) continue
    const { done: ids, doneAt, mixed, timers: running } = figure.bench
    const at = Array.isArray(doneAt) ? (doneAt as unknown[]) : []
    const mixes = new Set(Array.isArray(mixed) ? (mixed as unknown[]) : [])
    ;(Array.isArray(ids) ? (ids as unknown[]) : []).forEach((id, i) => {
      const ref = refOf(textOf(id), figure, byId)
      if (!ref) return
      const key = JSON.stringify(ref)
      const one = { ...ref, at: at[i] ?? 0, ...(mixes.has(id) ? { mixed: true } : {}) }
      if (!done.has(key)) done.set(key, one)
    })
    for (const { move, words, endsAt } of listOf(running)) {
      const ref = refOf(textOf(move), figure, byId)
      if (ref) timers.set(JSON.stringify(ref), { ...ref, words, endsAt })
    }
  }
  return { done: [...done.values()], timers: [...timers.values()] }
}

/** The figure an entry told of, by its name with or without a number in the rotation. */
function entryFrom(old: unknown, figures: readonly Loose[], i: number): unknown {
  if (!isLoose(old)) return old
  const { figure: who, ...rest } = old
  const name = textOf(who)
  const found =
    figures.find((one) => one.name === name) ??
    figures.find((one) => one.name === name.replace(/, \d+$/, ''))
  const id = /^[\w-]+$/.test(textOf(rest.id)) ? rest.id : `entry-${i + 1}`
  return { ...rest, id, who: name, ...(found ? { figure: found.id } : {}) }
}

/** A name for the commission's address, from its own: a browser that had one project had one commission. */
const addressOf = (name: string): string => slugOf(name, 'commission', longest.id)

export function fromVersion1(old: Loose): Loose {
  const figures = listOf(old.figures)
  const { done, timers } = benchFrom(figures)
  return {
    ...old,
    version: 2,
    id: addressOf(textOf(old.name)),
    figures: Array.isArray(old.figures) ? (old.figures as unknown[]).map(figureFrom) : old.figures,
    ...(Array.isArray(old.log)
      ? { log: (old.log as unknown[]).map((entry, i) => entryFrom(entry, figures, i)) }
      : {}),
    ...(done.length > 0 ? { done } : {}),
    ...(timers.length > 0 ? { timers } : {}),
  }
}
