import { displayColour, hexOfLab } from '../../core'
import type { Lab } from '../../core'

/** How a Lab is put on the screen: its colour, ink that reads on it, and whether it is cut. */
export interface ScreenColour {
  css: string
  ink: string
  inGamut: boolean
}

export function screenColour(lab: Lab): ScreenColour {
  return {
    css: hexOfLab(lab),
    // Black on it and white on it are both at least 4.5 : 1 at L* 49.5 (WCAG 2.2, 1.4.3).
    ink: lab.L > 49.5 ? '#000000' : '#ffffff',
    inGamut: displayColour(lab).inGamut,
  }
}
