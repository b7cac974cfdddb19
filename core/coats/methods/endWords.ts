import { deltaE00 } from '../../colour/deltaE00'
import { chromaOf, hueOf } from '../../colour/lch'
import type { Lab } from '../../colour/lab'
import { endPlaces } from './ends'
import type { EndAims, EndPlace } from './ends'

/** Nearer than this, ΔE00, an end is where the ladder is. */
const THERE = 3
const placeWords: Record<EndPlace, string> = {
  shadow: 'in the shadows',
  middle: 'in the middle',
  light: 'in the lights',
}

/** The two things that differ most, of lightness, warmth and strength of colour. */
function differs(end: Lab, aim: Lab): string {
  const turn = ((hueOf(end) - hueOf(aim) + 540) % 360) - 180
  const chroma = (chromaOf(end) + chromaOf(aim)) / 2
  const across = 2 * chroma * Math.sin((turn * Math.PI) / 360)
  const strength = chromaOf(end) - chromaOf(aim)
  // Towards yellow-red is warmer, wherever on the wheel it was.
  const warm = (end.a - aim.a) * Math.cos(Math.PI / 3) + (end.b - aim.b) * Math.sin(Math.PI / 3)
  const words: [by: number, word: string][] = [
    [Math.abs(end.L - aim.L), end.L > aim.L ? 'lighter' : 'darker'],
    [Math.abs(across), warm > 0 ? 'warmer' : 'cooler'],
    [Math.abs(strength), strength > 0 ? 'more vivid' : 'greyer'],
  ]
  const most = Math.max(...words.map(([by]) => by))
  return words
    .filter(([by]) => by > 0.5 * most)
    .sort(([one], [other]) => other - one)
    .slice(0, 2)
    .map(([, word]) => word)
    .join(' and ')
}

/**
 * How a way ends against the ladder, in one line: lighter or darker, warmer or cooler, and where.
 * @param apart it is meant to end elsewhere.
 * @example endsInWords(ends, ends, false) // "Ends where the ladder does."
 */
export function endsInWords(ends: EndAims, aims: EndAims, apart = false): string {
  const off = endPlaces
    .map((place) => ({ place, by: deltaE00(ends[place], aims[place]) }))
    .filter(({ by }) => by > THERE)
  if (off.length === 0) return 'Ends where the ladder does.'
  const said = off.map(({ place }) => `${differs(ends[place], aims[place])} ${placeWords[place]}`)
  return `${apart ? 'As it is meant to, it ends' : 'Ends'} ${said.join(', ')}.`
}
