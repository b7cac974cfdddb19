import { coatKinds, isBottle } from '../../core'
import type { BenchMove, Ingredient, PlannedPuddle, StackCoat } from '../../core'
import { givenInWords } from './amounts'
import { listWords } from './counts'
import { thinWords } from './moves'

const started = (text: string): string => text[0]!.toUpperCase() + text.slice(1)

/** What a move lays, in a few words that read from far: “Base coat of Base”. */
export function layTitle(
  { of, words }: Pick<BenchMove, 'of' | 'words'>,
  coat: StackCoat | undefined,
  well: string | undefined,
): string {
  if (of.kind !== 'coat' || !coat) return words
  const { name } = coatKinds[coat.kind]
  return `${started(name)}${well ? ` of ${well}` : ''}`
}

/** How it is laid: how thin, how often, what is done while it is wet. */
export function howLaid({ of }: Pick<BenchMove, 'of'>, coat: StackCoat | undefined): string {
  if (of.kind === 'undercoat') return 'an even coat; what is in a can comes as it is'
  if (of.kind === 'sketch')
    return 'in thin passes from where the light stands, none from below: what it does not reach stays dark'
  if (of.kind === 'detail') return 'thinned 1 : 1; shadow first, a point of light last'
  if (!coat) return ''
  const { thinner, thinnedWith = 'water', passes, kind, lifted, finish } = coat
  const times = passes === 1 ? 'one thin pass' : `${passes} thin passes`
  return coatKinds[kind].pigmented
    ? `${thinWords(thinner, thinnedWith)}, ${times}${lifted ? '; lift the pools while it is wet' : ''}`
    : `${finish ?? 'matt'} varnish as it comes, ${times}`
}

/** What is mixed: “Mix Base”; what goes on a place of life by itself is called by its place. */
export const mixTitle = (well: string, of?: BenchMove['of']): string =>
  of?.kind === 'accent' ? `Mix a glaze: ${well}` : `Mix ${well}`

/** For whom a well is mixed: “for Isaura, Mei and Tunde”. */
export const forWords = (names: readonly string[]): string =>
  names.length === 0 ? '' : `for ${listWords(names.map((name) => name.split(',')[0]!))}`

/** Signs as they are spoken. */
const spokenSigns: readonly (readonly [RegExp, string])[] = [
  [/(\d)½/g, '$1 and a half'],
  [/½/g, 'half a drop'],
  [/ : /g, ' to '],
  [/ \+ /g, ', '],
]
const spoken = (words: string): string =>
  spokenSigns.reduce((text, [sign, said]) => text.replace(sign, said), words)

/** A well as it is read aloud while it is mixed. */
export const mixSpoken = (
  well: PlannedPuddle,
  nameOf: (of: Ingredient) => string,
  names: readonly string[],
): string =>
  spoken(
    [
      mixTitle(nameOf(well.of)),
      isBottle(well.of) ? '' : givenInWords(well, nameOf),
      forWords(names),
    ]
      .filter(Boolean)
      .join('. '),
  )

/** A move as it is read aloud. */
export const laySpoken = (figure: string, title: string, how: string, where: string): string =>
  spoken([figure, title, how, where].filter(Boolean).join('. '))

/** Minutes and seconds of a clock that runs down. */
export function clockWords(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** Why one in rotation waits, or that it does not. */
export function waitWords(one: {
  leftMs: number
  next?: string
  after?: string
  atHand: boolean
}): string {
  const { leftMs, next, after, atHand } = one
  if (!next) return 'All its moves are done.'
  if (atHand) return `At hand now: ${next}.`
  const then = `Then: ${next}.`
  if (leftMs > 30_000) {
    const minutes = Math.round(leftMs / 60_000)
    return `It dries: ${minutes < 1 ? 'less than a minute' : `${minutes} min`} to go. ${then}`
  }
  return after ? `It is dry, and waits for the brush: “${after}” comes first. ${then}` : then
}
