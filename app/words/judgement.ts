import { distances, stepNames } from '../../core'
import type { LadderFault } from '../../core'

type Says<Key extends LadderFault['key']> = (fault: Extract<LadderFault, { key: Key }>) => string

/** What is wrong with a ladder, with its number. */
const wrong: { [Key in LadderFault['key']]: Says<Key> } = {
  flat: ({ seenFrom, range, wanted }) =>
    `Too flat ${distances[seenFrom].name}: ${range.toFixed(0)} of lightness from dark to light, ${wanted.toFixed(0)} would read.`,
  glint: ({ step, under, gap, mean }) =>
    `The gap from ${stepNames[under]} to ${stepNames[step]} is ${gap.toFixed(1)}, the others are ${mean.toFixed(1)}: the glint stands alone.`,
  'green shade': ({ step, beyond }) =>
    `${stepNames[step]} drifts to green: its hue lies ${beyond.toFixed(0)}° beyond the base.`,
  'yellow dark': ({ hue }) =>
    `Dark skin that leans yellow reads green: the base has a hue of ${hue.toFixed(0)}°.`,
  'saturated lights': ({ step, chroma, baseChroma }) =>
    `${stepNames[step]} is more saturated (${chroma.toFixed(0)}) than this pale base (${baseChroma.toFixed(0)}).`,
  chalky: ({ step, chroma, baseChroma }) =>
    `${stepNames[step]} is chalky: ${chroma.toFixed(0)} of chroma is left of ${baseChroma.toFixed(0)}.`,
  uneven: ({ least, greatest }) =>
    `Steps are uneven: gaps from ${least.toFixed(1)} to ${greatest.toFixed(1)}.`,
  'stranded lights': ({ share }) =>
    `Lights take ${(100 * share).toFixed(0)}% of dark skin and make a paler person of it.`,
}

export const faultWords = (fault: LadderFault): string =>
  (wrong[fault.key] as (of: LadderFault) => string)(fault)

/** The change that mends it. */
export const mendWords: Readonly<Record<LadderFault['key'], string>> = {
  flat: 'More contrast',
  glint: 'Bring it nearer',
  'green shade': 'Turn shadows to violet',
  'yellow dark': 'A redder base',
  'saturated lights': 'Lights toward white',
  chalky: 'Lights from pale flesh, less sheen',
  uneven: 'Allow more drops',
  'stranded lights': 'Less contrast',
}
