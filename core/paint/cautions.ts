import type { HazardKey } from './paint'

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
}
