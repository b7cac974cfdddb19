import type { ReachedEnds } from '../../core'
import type { FewAnswer } from '../workers/rangeJobs'
import { counted } from './counts'

/** What was found, and how sure that is. */
export function fewWords({ set, mean, worst, proved, atLeast }: FewAnswer, going: boolean): string {
  const many = counted(set.length, '', '').trim()
  const first = `${many[0]!.toUpperCase()}${many.slice(1)} bottles, off by ${mean.toFixed(1)} on average, at worst ${worst.toFixed(1)}.`
  if (proved) return `${first} No other ${many} do better.`
  const better = Math.max(0, mean - atLeast)
  const open = `No other ${many} can be more than ${better.toFixed(1)} better`
  return going ? `${first} ${open}; still proving…` : `${first} ${open}.`
}

/** Where the paint of a figure ends before its ladder wanted to. */
export function endsShortly({ ends, wanted }: ReachedEnds): string[] {
  const [deep, high] = [ends.dark, ends.light].map((end) => end?.toFixed(0))
  return [
    ...(wanted.dark === undefined
      ? []
      : [`darks end at L* ${deep}, not ${wanted.dark.toFixed(0)}`]),
    ...(wanted.light === undefined
      ? []
      : [`lights end at L* ${high}, not ${wanted.light.toFixed(0)}`]),
  ]
}
