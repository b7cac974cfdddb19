import { coatsBench } from './coats'
import { evaluatorBench } from './evaluator'
import { ladderBench } from './ladder'
import { withBrowser } from './browser'
import { openingBench } from './opening'
import { opticsBench } from './optics'
import { rangeBench } from './range'
import { recipeBench } from './recipes'
import { shelfBench } from './shelf'
import { toneBench } from './tone'

/** Prints rates and their ratios within this run; ends with 1 when a ratio falls short. */
const rows = [
  opticsBench,
  toneBench,
  ladderBench,
  coatsBench,
  evaluatorBench,
  recipeBench,
  rangeBench,
].flatMap((bench) => bench())
rows.push(...(await withBrowser(openingBench)), ...(await withBrowser(shelfBench)))
const round = (value: number): string => Math.round(value).toLocaleString('en')
for (const { what, ours, against, theirs, wanted } of rows)
  console.log(
    `${what}: ${round(ours)} · ${against}: ${round(theirs)} · ${(ours / theirs).toFixed(1)} times (wanted ${wanted})`,
  )
process.exit(rows.every(({ ours, theirs, wanted }) => ours / theirs >= wanted) ? 0 : 1)
