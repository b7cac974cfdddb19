import {
  asKind,
  blankCommission,
  blankFigure,
  blankPlan,
  figureSizes,
  hidePlaces,
  nextName,
  skinPlaces,
} from '../../../core'
import type { Bottle, Figure, FigureSize, NewId, OwnPaint, Project, Tone } from '../../../core'

/** A complexion or hide to start from. */
export interface StartingTone {
  key: string
  name: string
  tone: Tone
  of: Figure['kind']
}
const isDead = (name: string): boolean => name.endsWith('dead')
export const startingTones: readonly StartingTone[] = [
  ...skinPlaces.map(({ name, tone }): StartingTone => ({
    key: `skin ${name}`,
    name,
    tone: { kind: 'skin', ...tone },
    of: 'person',
  })),
  ...hidePlaces.map(({ name, tone }): StartingTone => ({
    key: `hide ${name}`,
    name,
    tone: { kind: 'hide', ...tone },
    of: isDead(name) ? 'dead' : 'creature',
  })),
]

const whole = figureSizes.filter(({ bust }) => !bust)
/** Kinds of figure one begins with; several of them make one commission. */
export const kinds = [
  { key: 'bust', name: 'A bust', sizes: figureSizes.filter(({ bust }) => bust) },
  { key: 'person', name: 'People', sizes: whole },
  { key: 'creature', name: 'Creatures', sizes: whole },
  { key: 'dead', name: 'The dead', sizes: whole },
] as const satisfies readonly { key: string; name: string; sizes: readonly FigureSize[] }[]
export type KindKey = (typeof kinds)[number]['key']

/** Skins or hides of a kind; a bust may be of anything. */
export const tonesOf = (kind: KindKey): readonly StartingTone[] =>
  kind === 'bust' ? startingTones : startingTones.filter(({ of }) => of === kind)

/** The painter's bottles: which starter paints are owned, or the box of another commission. */
export interface Bottles {
  owned: readonly string[]
  box?: readonly OwnPaint[]
  known?: Readonly<Record<string, Bottle>>
}

/** What was said of one kind: its size, how many of each, which skins or hides. */
interface Line {
  kind: KindKey
  size: FigureSize
  many: number
  tones: readonly StartingTone[]
}
export interface Answers {
  name: string
  lines: readonly Line[]
  bottles: Bottles
}

const started = (text: string): string => text[0]!.toUpperCase() + text.slice(1)
/** What a figure is called: by its skin or hide, told apart in the strip of figures too, which ends at a comma. */
function nameOf({ kind, tones }: Line, tone: StartingTone, taken: readonly string[]): string {
  const skin = tone.name.replaceAll(',', '')
  const bust = tones.length === 1 ? 'Bust' : `Bust ${skin}`
  const whole = kind === 'creature' ? `${started(skin)} creature` : started(skin)
  const name = kind === 'bust' ? bust : whole
  return taken.includes(name) ? nextName(name, taken) : name
}

/**
 * The commission that the answers describe: a figure for each skin or hide that was chosen; only bottles that are owned
 * are mixed from.
 * @param starters ids of all starter paints.
 */
export function commissionFrom(
  { name, lines, bottles }: Answers,
  starters: readonly string[],
  newId: NewId,
): Project {
  const figures: Figure[] = []
  for (const line of lines)
    for (const tone of line.tones)
      figures.push(
        blankFigure(newId(), {
          name: nameOf(
            line,
            tone,
            figures.map((one) => one.name),
          ),
          ...asKind({ plan: blankPlan(), tone: tone.tone }, tone.of, figures),
          tone: tone.tone,
          said: ['tone'],
          size: line.size,
          many: line.many,
        }),
      )
  const owned = new Set(bottles.owned)
  const box = bottles.box ?? []
  return blankCommission(newId(), name.trim() || 'New commission', {
    ...(figures[0] ? { figure: figures[0].id } : {}),
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
