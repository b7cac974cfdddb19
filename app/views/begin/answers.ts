import { blankCommission, blankFigure, hidePlaces, skinPlaces } from '../../../core'
import type { Figure, FigureSize, NewId, OwnPaint, Bottle, Project, Tone } from '../../../core'

/** Kinds of job one begins with. */
export const jobs = [
  { key: 'bust', name: 'One bust', many: 1, size: { heightMm: 75, bust: true } },
  { key: 'figure', name: 'One figure', many: 1, size: { heightMm: 54 } },
  { key: 'squad', name: 'A squad of one people', many: 5, size: { heightMm: 28 } },
  { key: 'company', name: 'A mixed company', many: 1, size: { heightMm: 32 } },
  { key: 'pack', name: 'A pack of one creature', many: 4, size: { heightMm: 28 } },
] as const satisfies readonly { key: string; name: string; many: number; size: FigureSize }[]
export type JobKey = (typeof jobs)[number]['key']

/** A complexion or hide to start from. */
export interface StartingTone {
  key: string
  name: string
  tone: Tone
}
export const startingTones: readonly StartingTone[] = [
  ...skinPlaces.map(({ name, tone }) => ({
    key: `skin ${name}`,
    name,
    tone: { kind: 'skin', ...tone } as Tone,
  })),
  ...hidePlaces.map(({ name, tone }) => ({
    key: `hide ${name}`,
    name,
    tone: { kind: 'hide', ...tone } as Tone,
  })),
]

/** The painter's bottles: which starter paints are owned, or the box of another commission. */
export interface Bottles {
  owned: readonly string[]
  box?: readonly OwnPaint[]
  known?: Readonly<Record<string, Bottle>>
}

export interface Answers {
  name: string
  job: JobKey
  many: number
  size: FigureSize
  tones: readonly StartingTone[]
  bottles: Bottles
}

const kindOf = (tone: Tone): Figure['kind'] => (tone.kind === 'hide' ? 'creature' : 'person')

/**
 * The commission that the answers describe: a figure for each tone that was chosen; only bottles that are owned are
 * mixed from.
 * @param starters ids of all starter paints.
 */
export function commissionFrom(
  { name, job, many, size, tones, bottles }: Answers,
  starters: readonly string[],
  newId: NewId,
): Project {
  const chosen = tones.length > 0 ? tones : [startingTones[0]!]
  const figures = chosen.map(({ name: toneName, tone }) =>
    blankFigure(newId(), {
      name: job === 'bust' ? 'Bust' : toneName[0]!.toUpperCase() + toneName.slice(1),
      kind: kindOf(tone),
      tone,
      size,
      many,
    }),
  )
  const owned = new Set(bottles.owned)
  const box = bottles.box ?? []
  return blankCommission(newId(), name.trim() || 'New commission', {
    figure: figures[0]!.id,
    figures,
    out: starters.filter((id) => !owned.has(id)),
    ...(box.length > 0 ? { box: [...box] } : {}),
    bottles: {
      ...bottles.known,
      ...Object.fromEntries(
        [...owned].map((id) => [id, { ...bottles.known?.[id], owned: true }] as const),
      ),
    },
    ownedOnly: true,
  })
}
