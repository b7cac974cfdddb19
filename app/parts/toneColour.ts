import { toneLab } from '../../core'
import type { Lab, Tone } from '../../core'

const MOST = 500
const cache = new Map<string, Lab>()

/** Colour of a tone's base, computed once a tone. */
export function toneColour(tone: Tone): Lab {
  const key = JSON.stringify(tone)
  let lab = cache.get(key)
  if (!lab) {
    if (cache.size > MOST) cache.clear()
    cache.set(key, (lab = toneLab(tone)))
  }
  return lab
}
