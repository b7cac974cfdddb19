import type { Lab } from '../../colour/lab'
import { chromaOf, hueOf } from '../../colour/lch'
import { clamp } from '../../numbers/clamp'
import { MOST_C, roles } from './roleWindows'
import type { Role } from './role'

export type RoleKey = keyof typeof roles

/** @example roleOf('plum').name // "plum" */
export const roleOf = (key: RoleKey): Role => roles[key]

/** How far up the wheel a hue lies from where a window begins, 0–360. */
const turned = (h: number, from: number): number => (((h - from) % 360) + 360) % 360

/**
 * Whether a colour lies in the window of a role.
 * @example isInside(roleOf('white'), { L: 95, a: 0, b: 2 }) // true
 */
export function isInside({ h, L, C, greyBelow = 0 }: Role, lab: Lab): boolean {
  const chroma = chromaOf(lab)
  if (lab.L < L[0] || lab.L > L[1] || chroma < C[0] || chroma > C[1]) return false
  return !h || chroma < greyBelow || turned(hueOf(lab), h[0]) <= turned(h[1], h[0])
}

/** Of a window this share at either side is left, so that what is aimed at lies within it and not on its border. */
const MARGIN = 0.15

/** So much above the least chroma of a window without an end is aimed at. */
const VIVID = 12

const within = (value: number, [least, most]: readonly [number, number]): number => {
  const margin = MARGIN * (Math.min(most, least + 40) - least)
  return clamp(value, [least + margin, most - margin])
}

/**
 * Where a role is wanted on a figure: at the colour of a step, as far as its window lets it be; of another hue altogether,
 * it has the middle of its own.
 * @example isInside(roleOf('plum'), aimOf(roleOf('plum'), { L: 20, a: 10, b: 12 })) // true
 */
export function aimOf(role: Role, figure: Lab): Lab {
  const { h, L, C, aim } = role
  if (aim) return aim
  const lightness = within(figure.L, L)
  // A colour that may be as vivid as it likes is no shade of the skin.
  const least = C[1] === MOST_C ? C[0] + VIVID : 0
  const chroma = within(Math.max(least, chromaOf(figure)), C)
  let hue = hueOf(figure)
  if (h) {
    const [span, place] = [turned(h[1], h[0]), turned(hue, h[0])]
    const inside = place > MARGIN * span && place < (1 - MARGIN) * span
    hue = inside ? hue : h[0] + span / 2
  }
  const angle = (hue * Math.PI) / 180
  return { L: lightness, a: chroma * Math.cos(angle), b: chroma * Math.sin(angle) }
}
