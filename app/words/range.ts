import { FAR } from '../../core'
import type { BestSet, ReachedEnds } from '../../core'
import { manyWords } from './counts'

const capital = (words: string): string => words[0]!.toUpperCase() + words.slice(1)

/** A set of bottles, however they are named. */
type FewSet = Omit<BestSet, 'set'> & { set: readonly unknown[] }

/** Means are cut where colours are out of reach: that is said, and that they are no less. */
const missWords = ({ mean, worst, cut }: Pick<FewSet, 'mean' | 'worst' | 'cut'>, how = '') => {
  const least = cut > 0 ? 'at least ' : ''
  const said = `off by ${least}${mean.toFixed(1)} on average${how}, at worst ${least}${worst.toFixed(1)}.`
  if (cut === 0) return said
  const colours = capital(manyWords(cut, 'colour is', 'colours are'))
  return `${said} ${colours} further off than ${FAR} and ${cut === 1 ? 'counts' : 'count'} as ${FAR}.`
}

/** What the bottles on the table miss. */
export const onTableWords = (
  many: number,
  missed: Pick<FewSet, 'mean' | 'worst' | 'cut'>,
): string =>
  `${many} bottles on the table: ${missWords(missed, ' where each step is mixed by itself')}`

/** What was found, and how sure that is. */
export function fewWords(found: FewSet, going: boolean): string {
  const { set, mean, proved, atLeast } = found
  const many = manyWords(set.length, '', '').trim()
  const first = `${capital(many)} bottles, ${missWords(found)}`
  if (proved) return `${first} No other ${many} do better.`
  const better = Math.max(0, mean - atLeast)
  const open = `No other ${many} can be more than ${better.toFixed(1)} better`
  return going ? `${first} ${open}; still proving…` : `${first} ${open}.`
}

/** What one puddle for two figures would cost the one that takes it: “Crevice as Rashida’s: +0.2”. */
export function sharingWords({
  giver,
  given,
  costs,
}: {
  giver: { figure: { name: string } }
  given: { name: string }
  costs: number
}): string {
  const more =
    costs < 0.05 ? (costs < -0.05 ? costs.toFixed(1) : 'no loss') : `+${costs.toFixed(1)}`
  return `${given.name} as ${giver.figure.name.split(',')[0]}’s: ${more}`
}

/** From where to where a ladder goes where its paint ends before it wanted to: “L* 18–79, not 14–82”. */
export function endsShortly(
  { wanted }: ReachedEnds,
  deepest: number,
  highest: number,
): string | undefined {
  if (wanted.dark === undefined && wanted.light === undefined) return undefined
  const told = (dark: number, light: number): string => `${dark.toFixed(0)}–${light.toFixed(0)}`
  return `L* ${told(deepest, highest)}, not ${told(wanted.dark ?? deepest, wanted.light ?? highest)}`
}
