import { coatsBench } from './coats'
import { evaluatorBench } from './evaluator'
import { farBench } from './far'
import { firstViewBench, weightBench } from './firstView'
import { growthBench } from './growth'
import { heapBench, historyBench } from './memory'
import { ladderBench } from './ladder'
import { withBrowser } from './browser'
import { openingBench } from './opening'
import { opticsBench } from './optics'
import { plansBench } from './plans'
import { rangeBench } from './range'
import type { Ratio } from './rate'
import { recipeBench } from './recipes'
import { shelfBench } from './shelf'
import { sliderBench } from './slider'
import { togetherBench } from './together'
import { toneBench } from './tone'

/** Prints rates and their ratios within this run, as they come; ends with 1 when a ratio falls short. */
let well = true
const round = (value: number): string => Math.round(value).toLocaleString('en')
function print(rows: readonly Ratio[]): void {
  for (const { what, ours, against, theirs, wanted } of rows) {
    well &&= ours / theirs >= wanted
    console.log(
      `${what}: ${round(ours)} · ${against}: ${round(theirs)} · ${(ours / theirs).toFixed(1)} times (wanted ${wanted})`,
    )
  }
}
for (const bench of [
  opticsBench,
  toneBench,
  ladderBench,
  coatsBench,
  evaluatorBench,
  recipeBench,
  rangeBench,
  historyBench,
])
  print(bench())
for (const bench of [plansBench, farBench, togetherBench, firstViewBench]) print(await bench())
for (const bench of [weightBench, openingBench, shelfBench, sliderBench, heapBench])
  print(await withBrowser(bench))
const growths = growthBench()
for (const { what, of, sizes, ms, exponent, wanted } of growths)
  console.log(
    `${what}: ${sizes.map((n, i) => `${n} ${of} ${ms[i]!.toFixed(1)} ms`).join(', ')} · grows as n^${exponent.toFixed(2)} (wanted at most ${wanted})`,
  )
well &&= growths.every(({ exponent, wanted }) => exponent <= wanted)
process.exit(well ? 0 : 1)
