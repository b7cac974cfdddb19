import { listWords } from './counts'
import { stepNames } from '../../core'
import type { FromAfar, NamedFault, SkinMove } from '../../core'

type Part = NamedFault['part']

/** Where on the skin, as the start of a sentence. */
const partNames = (part: Part): string =>
  part === 'all'
    ? 'All of it'
    : part === 'lights'
      ? 'Lights'
      : part === 'shadows'
        ? 'Shadows'
        : stepNames[part]
const inPlace = (part: Part): string =>
  part === 'all'
    ? 'all over'
    : part === 'lights'
      ? 'in the lights'
      : part === 'shadows'
        ? 'in the shadows'
        : `in ${stepNames[part]}`
const percent = (v: number): string => `${Math.round(100 * v)}%`

/** What is wrong with a painted skin, in a painter's words. */
export function skinFaultWords(fault: NamedFault): string {
  switch (fault.key) {
    case 'flat':
      return fault.part === 'all'
        ? `Too flat: from dark to light it goes ${percent(fault.times)} of the way that was planned.`
        : `${partNames(fault.part)} go only ${percent(fault.times)} of the way from the base that was planned.`
    case 'hard':
      return fault.part === 'all'
        ? `Too hard: dark and light lie ${percent(fault.times)} as far apart as was planned.`
        : `${partNames(fault.part)} go too far from the base: ${percent(fault.times)} of what was planned.`
    case 'too dark':
    case 'too light':
      return `${partNames(fault.part)} is ${fault.key} by ${Math.abs(fault.L).toFixed(0)} of lightness.`
    case 'chalky':
      return `Chalky ${inPlace(fault.part)}: ${percent(fault.times)} of the colour that was planned is there.`
    case 'grey':
      return `Dead grey ${inPlace(fault.part)}: ${percent(fault.times)} of the colour that was planned is there.`
    case 'strong':
      return `Too strong a colour ${inPlace(fault.part)}: ${percent(fault.times)} of what was planned.`
    case 'tinted':
      return `Too ${fault.toward} ${inPlace(fault.part)}, by ${fault.by.toFixed(0)}.`
    case 'lights large':
    case 'lights small': {
      const why = fault.key === 'lights large' ? 'too large, with too little shadow' : 'too small'
      return `Lights take ${percent(fault.share)} of the skin, ${percent(fault.planned)} was planned: ${why}.`
    }
    case 'stranded':
      return `Lights stand alone like patches: ${stepNames[fault.step]} is missing between the base and them.`
    case 'hard edge':
      return `Shadows end hard: ${stepNames[fault.step]} is missing between them and the base.`
    case 'wrong colour':
      return `${stepNames[fault.part]} is another colour than was planned, as if from another puddle.`
  }
}

/** How a mend is laid: thinner, passes, place. */
export function skinMoveWords(
  { kind, thinner, passes, over, share }: SkinMove,
  many: number,
): string {
  const how = `${kind}, thinned ${thinner} : 1, ${passes === 1 ? 'one pass' : `${passes} passes`}`
  const names = over.map((key) => stepNames[key])
  if (share !== undefined)
    return `${how}, along the edge of ${listWords(names)}: ${percent(share)} of the skin`
  return `${how}, over ${over.length === many ? 'all of the skin' : listWords(names)}`
}

/** What is left of a ladder at a distance. */
export function afarWords({ groups, first }: FromAfar, many: number): string {
  const named = (keys: FromAfar['groups'][number]['keys']): string =>
    listWords(keys.map((key) => stepNames[key]))
  const merged = groups.filter(({ keys }) => keys.length > 1).map(({ keys }) => named(keys))
  const left =
    groups.length === many
      ? `All ${many} steps read.`
      : `${groups.length} of ${many} read: ${merged.join(' look alike, so do ')}${merged.length > 1 ? '' : ' look alike'}.`
  return `${left} ${named(groups[first]!.keys)} ${groups[first]!.keys.length > 1 ? 'are' : 'is'} seen first.`
}
