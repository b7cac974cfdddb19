import { shallowRef } from 'vue'
import { filledAs, paintOfRecord, starterPaints, resolvedParts, withLearnt } from '../../core'
import type {
  BottleDrops,
  LearntOfBottle,
  OwnPaint,
  Paint,
  Part,
  Project,
  StrengthKind,
} from '../../core'

/** Starter paints by id; paints are large and never change, so they stay out of reactivity. */
const asShipped = new Map<string, Paint>(starterPaints.map((paint) => [paint.id, paint]))
export const starterIds: ReadonlySet<string> = new Set(asShipped.keys())
/** The same as the painter's bottles are filled; one that is filled otherwise keeps its object too. */
const starters = shallowRef<ReadonlyMap<string, Paint>>(asShipped)
const filled = new Map<string, Paint>()

/** Takes over what starter bottles are filled as; nothing changes where nothing else is said. */
export function setStrengths(strengths: Readonly<Record<string, StrengthKind>>): void {
  starters.value = new Map(
    [...asShipped].map(([id, paint]) => [id, asFilled(paint, strengths[id] ?? 'hobby')]),
  )
}
function asFilled(paint: Paint, kind: StrengthKind): Paint {
  if (kind === 'hobby') return paint
  const key = `${paint.id} ${kind}`
  const made = filled.get(key) ?? filledAs(paint, kind)
  filled.set(key, made)
  return made
}

/** The painter's own paints as the project holds them, in its order. */
const own = shallowRef<ReadonlyMap<string, Paint>>(new Map())
/** Records that were already read, so that a paint stays the same object until it changes. */
const read = new Map<string, { record: string; paint: Paint }>()

/**
 * Takes over the own paints of a project; unchanged ones keep their objects. Two bottles of one name are told apart
 * by a number, wherever they are named.
 */
export function setOwnPaints(records: readonly OwnPaint[]): void {
  const taken = new Set(starterPaints.map(({ name }) => name))
  const nameFor = (name: string): string => {
    let free = name
    for (let n = 2; taken.has(free); n++) free = `${name} (${n})`
    taken.add(free)
    return free
  }
  own.value = new Map(
    records.map((record) => {
      const shown = { ...record, name: nameFor(record.name) }
      const text = JSON.stringify(shown)
      let known = read.get(record.id)
      if (!known || known.record !== text) {
        known = { record: text, paint: paintOfRecord(shown) }
        read.set(record.id, known)
      }
      return [record.id, known.paint]
    }),
  )
}

/** What readings taught of bottles, by id; bottles as they are with it keep their objects while neither changes. */
const learnt = shallowRef<Readonly<Record<string, LearntOfBottle>>>({})
const layered = new WeakMap<Paint, { layer: string; paint: Paint }>()
export function setLearnt(layers: Readonly<Record<string, LearntOfBottle>>): void {
  learnt.value = layers
}
/** A bottle as it is mixed: what was learnt of it lies over what it was told to be. */
function topmost(told: Paint): Paint {
  const layer = learnt.value[told.id]
  if (!layer) return told
  const text = JSON.stringify(layer)
  const had = layered.get(told)
  if (had?.layer === text) return had.paint
  const paint = withLearnt(told, layer)
  layered.set(told, { layer: text, paint })
  return paint
}

/** Every paint of a commission that need not be the open one, as it is mixed there: starters, then the painter's own. */
export function paintsOfCommission({ box = [], bottles = {} }: Pick<Project, 'box' | 'bottles'>) {
  const told = [
    ...[...asShipped.values()].map((one) => asFilled(one, bottles[one.id]?.strength ?? 'hobby')),
    ...box.map((record) => paintOfRecord(record)),
  ]
  return told.map((one) => {
    const layer = bottles[one.id]?.learnt
    return layer ? withLearnt(one, layer) : one
  })
}

/** Every bottle as it was told to be: what readings are held against. */
export const toldPaints = (): Paint[] => [...starters.value.values(), ...own.value.values()]

/** Every paint there is, as it is mixed: starters, then the painter's own. */
export const allPaints = (): Paint[] => toldPaints().map(topmost)

export const isOwn = (id: string): boolean => own.value.has(id)

/** Whether there is such a paint: a mix may still name a bottle that has gone. */
export const isKnown = (id: string): boolean => starterIds.has(id) || own.value.has(id)

export function paintOf(id: string): Paint {
  const paint = starters.value.get(id) ?? own.value.get(id)
  if (!paint) throw new RangeError(`there is no paint "${id}" in the box`)
  return topmost(paint)
}

/** Name of a paint, for words; one that has gone from the box is still told apart. */
export const nameOf = (id: string): string =>
  isKnown(id) ? paintOf(id).name : `${id} (no longer in the box)`

/** Parts by the ids of their paints, with the paints themselves; throws where one has gone. */
export const withPaints = (parts: readonly BottleDrops[]): Part<Paint>[] =>
  resolvedParts(parts, paintOf)
