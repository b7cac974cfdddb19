import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { VERSION } from '../../project/commission'
import type { Project } from '../../project/commission'
import { takenFrom } from '../../project/copies'
import type { Figure } from '../../project/figure'
import { HANDED_ON } from '../../project/takeGiven'
import { bottlesNamed } from '../../project/otherBottles'
import type { StepKey } from '../../project/steps'
import { stepOf, stepPuddle } from '../../project/storedPuddle'
import type { StoredPuddle } from '../../project/storedPuddle'
import { isBottle } from '../../puddle/puddle'
import type { PuddlePart } from '../../puddle/puddle'
import { refusedFor, refused } from '../issues'
import type { ReadResult } from '../issues'
import { issuesOf } from '../json'
import { checkProject } from '../project/parse'
import { dataOf, fragmentOf } from './fragment'
import { inWhite } from './inWhite'
import { linkSchema } from './schema'
import type { Told, ToldBottle } from './schema'
import * as v from 'valibot'

/** A figure as a link hands it over: all that it is painted with, and what is told of bottles that not everybody has. */
export interface GivenFigure {
  figure: Figure
  puddles: StoredPuddle[]
  bottles: ToldBottle[]
}

/** What it is called within a link; whoever takes it gives it ids of their own. */
const ID = 'f'
const starterIds = new Set(starterPaints.map(({ id }) => id))

const told = ({ L, a, b }: Lab): Told => [L, a, b].map((value) => Number(value.toFixed(1))) as Told

function toldBottle(paint: Paint): ToldBottle {
  const { id, name, kind = 'paint', pigments, opacity, hazards, finish } = paint
  return {
    ...{ id, name, kind, pigments, opacity, hazards },
    ...(finish ? { finish } : {}),
    lab: told(labOf(opaqueReflectance(paint))),
    tint: told(inWhite(paint)),
  }
}

/** Let-downs that these parts are poured from; they hold bottles only. */
const letDownsIn = (puddles: readonly StoredPuddle[], all: readonly StoredPuddle[]) => {
  const poured = new Set(
    puddles.flatMap(({ parts }) => parts.flatMap(({ of }) => (isBottle(of) ? [] : [of.puddle]))),
  )
  return all.filter(({ id, letDown }) => letDown && poured.has(id))
}

/**
 * One figure as a fragment of an address: its ladder as it is mixed, its puddles and its coats. Nobody but who opens the
 * address sees it: browsers send no fragment to a server (RFC 3986, section 3.5).
 * @param made what each step of the ladder is mixed of, found or settled.
 * @param paintOf a bottle of the commission by its id.
 * @throws RangeError where no figure has this id.
 * @example figureLink(painted, 'mei', new Map(), paintOf)[0] // "1"
 */
export function figureLink(
  { figures, puddles = [] }: Pick<Project, 'figures' | 'puddles'>,
  id: string,
  made: ReadonlyMap<StepKey, readonly PuddlePart[]>,
  paintOf: (id: string) => Paint,
): string {
  const source = figures.find((one) => one.id === id)
  if (!source) throw new RangeError(`there is no figure "${id}"`)
  // What is of the whole commission goes along as the figure's own, a step as it is mixed.
  const own = puddles
    .filter((one) => !one.letDown && stepOf(id, one.id) === undefined)
    .map((one) => (one.figure === undefined ? { ...one, figure: id } : one))
  const steps = [...made].map(([key, parts]) => ({
    id: stepPuddle(id, key),
    figure: id,
    parts: [...parts],
  }))
  let n = 0
  const taken = takenFrom(source, [...own, ...steps], ID, HANDED_ON, () => `p${++n}`)
  const { name, note, kind, size, many, said } = source
  const figure = {
    name,
    note,
    kind,
    size,
    many,
    ...(said ? { said } : {}),
    ...taken.figure,
    id: ID,
  }
  const all = [...taken.puddles, ...letDownsIn(taken.puddles, puddles)]
  const bottles = bottlesNamed([figure, all]).filter((bottle) => !starterIds.has(bottle))
  const data = { v: VERSION, f: figure, p: all, b: bottles.map((one) => toldBottle(paintOf(one))) }
  return fragmentOf(
    JSON.parse(
      JSON.stringify(data, (_, value: unknown) =>
        typeof value === 'number' ? Number(value.toPrecision(6)) : value,
      ),
    ),
  )
}

/**
 * The figure of a link, checked as a project is; never throws.
 * @param fragment what stands behind # in the address.
 * @example readFigureLink(link).ok // true
 */
export function readFigureLink(fragment: string): ReadResult<GivenFigure> {
  const data = dataOf(fragment)
  if (!data.ok) return data
  const link = v.safeParse(linkSchema, data.value)
  if (!link.success) return refusedFor(issuesOf(link.issues).slice(0, 5))
  const { v: version, f, p, b: bottles } = link.output
  if (f.id !== ID) return refused('the link', 'holds no figure of this program')
  const project = {
    ...{ format: 'cobaltfinch-project', version, id: 'given', name: 'given', out: [] },
    ...{ figure: ID, figures: [f], puddles: p },
  }
  const ids = new Set([...starterIds, ...bottles.map(({ id }) => id)])
  const read = checkProject(project, ids)
  if (!read.ok) return read
  const [figure] = read.value.figures
  return { ok: true, value: { figure: figure!, puddles: read.value.puddles ?? [], bottles } }
}
