import type { MixingNote, ReachedEnds } from '../../core'

/**
 * What is to be known of the way a ladder is mixed.
 * @param mean how far off its steps are on average as they stand, mixes changed by hand among them; as found when not said.
 */
export function mixingWords(
  note: MixingNote,
  nameOf: (paint: string) => string,
  mean = 'mean' in note ? note.mean : 0,
): string {
  if (note.way === 'puddles') {
    const { puddles, another, touch } = note
    const more = another >= 0.3 ? ` One more puddle would take ${another.toFixed(1)} off that.` : ''
    const touched = touch
      ? ` The ${touch.end === 'light' ? 'lightest' : 'darkest'} step is the puddle beside it with a touch of ${nameOf(touch.paint)}.`
      : ''
    return `${puddles.length} puddles, off by ${mean.toFixed(1)} on average; no others tuned together do better.${touched}${more}`
  }
  if (note.way === 'matched')
    return `${note.opened} bottles, off by ${mean.toFixed(1)} on average; ${note.all ? 'no other choice of so many does better' : 'chosen among the 24 that are used most'}.`
  if (note.way === 'run') {
    const { shade, light, uneven } = note
    const toward = [
      ...(shade === undefined ? [] : [`${nameOf(shade)} toward shade`]),
      ...(light === undefined ? [] : [`${nameOf(light)} toward light`]),
    ].join(', ')
    return `${toward}; gaps uneven by at most ${(100 * uneven).toFixed(0)}%, no run of whole drops does better.`
  }
  if (note.wide.length === 0)
    return 'Bottles and half-and-half bridges; no gap is too wide for one.'
  const between = note.wide.map(
    ({ from, to, gap }) => `${nameOf(from)} and ${nameOf(to)} (${gap.toFixed(0)} apart)`,
  )
  return `A bottle is missing between ${between.join('; ')}.`
}

const KEPT_WORDS = [
  [0.3, 'a quarter'],
  [0.6, 'half'],
  [1, 'three quarters'],
] as const

/**
 * What the ends of a ladder gave up to what its paint mixes; nothing where that is nothing.
 * @param aims lightness of its deepest and its lightest step as they are aimed at.
 */
export function endWords(
  reached: ReachedEnds | undefined,
  aims: Record<'dark' | 'light', number>,
): string {
  if (!reached) return ''
  const { ends, wanted } = reached
  const drawnIn = (['dark', 'light'] as const).flatMap((end) =>
    wanted[end] === undefined || ends[end] === undefined
      ? []
      : [
          `the ${end} wanted L* ${wanted[end].toFixed(0)}, with this paint it ends at ${aims[end].toFixed(0)}`,
        ],
  )
  const greyer = (['dark', 'light'] as const).flatMap((end) => {
    const kept = ends.keeps?.[end]
    if (kept === undefined) return []
    const [, share] = KEPT_WORDS.find(([most]) => kept <= most)!
    return [`the ${end === 'dark' ? 'deepest' : 'lightest'} keeps ${share} of its chroma`]
  })
  const contrast = greyer.length > 0 ? ` Greyer for the contrast: ${greyer.join(', ')}.` : ''
  return (drawnIn.length > 0 ? ` Drawn in: ${drawnIn.join('; ')}.` : '') + contrast
}
