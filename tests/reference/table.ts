import { curtis } from './checks/curtis'
import { filmLaws } from './checks/filmLaws'
import { libraries } from './checks/libraries'
import { masstones } from './checks/masstones'
import { pairs } from './checks/pairs'
import { complexions } from './checks/complexions'
import { skin } from './checks/skin'
import { smoothest } from './checks/smoothest'
import { testSamples } from './checks/testSamples'
import { whites } from './checks/whites'
import type { Row } from './row'

/** Everything that is compared with the outside world. */
export const referenceTable = (): Row[] =>
  [
    whites,
    testSamples,
    pairs,
    libraries,
    smoothest,
    filmLaws,
    curtis,
    masstones,
    skin,
    complexions,
  ].flatMap((check) => check())

const short = (value: number): string =>
  value === 0 ? '0' : value < 0.001 ? value.toExponential(1) : value.toPrecision(2)

export function asMarkdown(rows: readonly Row[]): string {
  const lines = rows.map(
    ({ what, against, cases, worst, limit }) =>
      `| ${what} | ${against} | ${cases} | ${short(worst)} | ${short(limit)} |`,
  )
  return ['| what | against | cases | worst | allowed |', '|---|---|---|---|---|', ...lines].join(
    '\n',
  )
}
