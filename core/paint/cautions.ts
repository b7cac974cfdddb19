import type { HazardKey, PaintKind } from './paint'

const DEFER = 'Read the label and the safety data sheet, and follow local rules.'

/**
 * The usual caution for a pigment. Common practice, no source; it replaces neither the label nor
 * the safety data sheet.
 */
export const cautions: Record<HazardKey, string> = {
  cadmium: `Contains cadmium. Never spray, sand or dry-scrape it; keep it off skin and lips. ${DEFER}`,
  cobalt: `Contains cobalt. Never spray or sand it; keep the brush out of the mouth. ${DEFER}`,
  chromium: `Contains chromium(III). Do not spray or sand it; keep the brush out of the mouth. ${DEFER}`,
  manganese: `Contains manganese. Do not spray or sand it without protection; keep it off the lips. ${DEFER}`,
  vanadium: `Contains bismuth vanadate. Do not breathe dust or spray mist. ${DEFER}`,
  copper: `Contains a bound copper compound. Do not breathe spray mist; keep it off the lips. ${DEFER}`,
  lead: `Contains lead. Never spray, sand or heat it; keep it off skin and away from food. ${DEFER}`,
  nickel: `Contains nickel. Never spray or sand it; it can make skin sensitive. ${DEFER}`,
  solvent: `Contains solvent. Keep flames away and the window open. ${DEFER}`,
}

export type HandlingStep = 'spraying' | 'sanding' | 'brush in the mouth'
export const works: readonly HandlingStep[] = ['spraying', 'sanding', 'brush in the mouth']

/** Pigments that are never made into dust or mist, and those kept away from the mouth above all. */
const NEVER_DUST: readonly HazardKey[] = ['cadmium', 'cobalt', 'chromium', 'lead', 'nickel']

/**
 * The usual caution for a kind of work with a paint; common practice, no source.
 * @example cautionFor('spraying', ['cadmium'])
 */
export function cautionFor(
  work: HandlingStep,
  hazards: readonly HazardKey[],
  kind: PaintKind = 'paint',
): string {
  const named = hazards.filter((key) => NEVER_DUST.includes(key))
  if (work === 'spraying')
    return named.length > 0
      ? `Never spray: ${named.join(', ')}. ${DEFER}`
      : `Spray with ventilation and a respirator fit for the job${kind === 'varnish' || hazards.includes('solvent') ? ', away from flames' : ''}. ${DEFER}`
  if (work === 'sanding')
    return named.length > 0
      ? `Never sand or dry-scrape: ${named.join(', ')}. ${DEFER}`
      : `Sand wet and keep the dust out of the air you breathe. ${DEFER}`
  return hazards.length > 0
    ? `Never point the brush with your lips: ${hazards.join(', ')}. ${DEFER}`
    : `Point the brush on a cloth, not with your lips. ${DEFER}`
}
