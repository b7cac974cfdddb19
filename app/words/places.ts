import { listWords } from './counts'
import { isEverywhere, lightPlaces } from '../../core'
import type { LightPlace, Place, ReliefPlace, Where } from '../../core'

/** A kind of light as a place that paint goes. */
export const lightNames: Readonly<Record<LightPlace, string>> = {
  'deep-shadow': 'deep shadow',
  shadow: 'shadow',
  middle: 'middle',
  light: 'lights',
  glint: 'glints',
}
export const reliefNames: Readonly<Record<ReliefPlace, string>> = {
  deepest: 'deepest recesses',
  recess: 'recesses',
  join: 'where skin meets something',
  flat: 'flats',
  ridge: 'ridges',
}

const has = <T>(list: readonly T[] | undefined): list is readonly T[] =>
  list !== undefined && list.length > 0

/** “in the shadow”, “in the middle and on the lights”. */
function lightWordsOf(light: readonly LightPlace[]): string {
  const named = new Set(light)
  const words: string[] = []
  if (named.has('deep-shadow') && named.has('shadow')) words.push('in the shadow')
  else if (named.has('deep-shadow')) words.push('in the deep shadow')
  else if (named.has('shadow')) words.push('in the half-shadow')
  if (named.has('middle')) words.push('in the middle')
  if (named.has('light'))
    words.push(named.has('glint') ? 'on the lights' : 'on the lights below the glints')
  else if (named.has('glint')) words.push('on the glints')
  return listWords(words)
}
/** “in the recesses”, the deepest among them where both are named; flats and ridges are what stands out. */
const reliefWordsOf = (relief: readonly ReliefPlace[]): string =>
  relief.length === 2 && relief.includes('flat') && relief.includes('ridge')
    ? 'on what stands out'
    : listWords(
        relief
          .filter((one) => one !== 'deepest' || !relief.includes('recess'))
          .map((one) =>
            one === 'join'
              ? reliefNames.join
              : `${one === 'deepest' || one === 'recess' ? 'in the' : 'on the'} ${reliefNames[one]}`,
          ),
      )

/** A name within a sentence: “lower lip”. */
const lowered = (name: string): string => name[0]!.toLowerCase() + name.slice(1)

type Zones = readonly { key: string; name: string }[]

function whereWords(where: Where, zones: Zones): string {
  const named = (keys: readonly string[]): string => {
    const known = zones.filter(({ key }) => keys.includes(key)).map(({ name }) => lowered(name))
    // A creature's lips go by another key than a person's: what it does not have is not said.
    return listWords(known.length > 0 ? known : keys)
  }
  const { relief, light, side, down, zones: on, but } = where
  const words: string[] = []
  if (has(on)) words.push(`on the ${named(on)}`)
  const lit = has(light) && light.length < lightPlaces.length ? lightWordsOf(light) : ''
  const raised = has(relief) ? reliefWordsOf(relief) : ''
  // “in the recesses of the half-shadow”, where neither is several.
  if (lit && raised && ![lit, raised].some((one) => one.includes(' and ')))
    words.push(`${raised} of ${lit.replace(/^(in|on) /, '')}`)
  else words.push(...[lit, raised].filter((one) => one !== ''))
  if (down) words.push('on what faces down')
  const first = words.join(', ')
  const sided =
    side === undefined ? first : first ? `${first} of the ${side} side` : `on the ${side} side`
  if (!has(but)) return sided || 'all over'
  return sided ? `${sided}, not on the ${named(but)}` : `everywhere but the ${named(but)}`
}

/** Where paint goes, as a painter says it; places of life by their own names. */
export const placeWords = (place: Place, zones: Zones): string =>
  isEverywhere(place) ? 'all over' : listWords(place.map((where) => whereWords(where, zones)))
