import { adapt } from './bradford'
import { DISPLAY_WHITE, xyzOfRgb } from './display'
import { labOfXyz } from './lab'
import type { Lab } from './lab'
import { whitePoint } from './white'

/**
 * Lab (D65/2) of `#rrggbb` or `#rgb`, with or without the hash.
 * @throws RangeError when the text is not a hex colour.
 * @example labOfHex('#ffffff').L // 100
 */
export function labOfHex(text: string): Lab {
  const digits = text.trim().replace(/^#/, '')
  const full = digits.length === 3 ? digits.replace(/./g, '$&$&') : digits
  if (!/^[0-9a-f]{6}$/i.test(full))
    throw new RangeError(
      `"${text.slice(0, 40)}" is not a hex colour; write six digits such as #b87a5e`,
    )
  const rgb = [0, 2, 4].map((i) => parseInt(full.slice(i, i + 2), 16) / 255)
  const white = whitePoint()
  const xyz = adapt(xyzOfRgb(rgb as [number, number, number]), DISPLAY_WHITE, white)
  return labOfXyz(xyz, white, 'D65/2')
}
