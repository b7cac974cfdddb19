import type { Lab } from './lab'
import { labOfLch } from './lch'
import { labOfHex } from './parseHex'

const NUMBER = /[+-]?(?:\d+(?:\.\d*)?|\.\d+)/g

/**
 * A colour as a painter writes it: `#b87a5e`, `61 14 17` or `lab(61 14 17)` for L* a* b*, and
 * `lch 61 22 50` for lightness, chroma, hue in degrees. Lab is D65, 2°.
 * @throws RangeError in words, naming what is missing or out of range.
 * @example parseColour('61 14 17').a // 14
 */
export function parseColour(text: string): Lab {
  const given = text.trim()
  if (given === '')
    throw new RangeError('write a colour: #b87a5e, or 61 14 17 for L* a* b*, or lch 61 22 50')
  if (given.startsWith('#') || /^[0-9a-f]{6}$/i.test(given)) return labOfHex(given)
  const polar = /^lch/i.test(given)
  const rest = given.replace(/^(lab|lch)/i, '')
  // 61,14,17 parts its numbers by commas; 61,5 14,2 17 writes them with commas.
  if (/\d,\d/.test(rest) && /\d\s+[-+]?\d/.test(rest))
    throw new RangeError(`"${given.slice(0, 40)}" has a decimal comma; write a decimal point`)
  const numbers = (rest.match(NUMBER) ?? []).map(Number)
  const left = rest.replace(NUMBER, '').replace(/[\s,;()°%/]/g, '')
  if (numbers.length !== 3 || left !== '')
    throw new RangeError(
      `"${given.slice(0, 40)}" is not a colour; three numbers are needed, such as 61 14 17`,
    )
  const [L, one, other] = numbers as [number, number, number]
  if (!(L >= 0 && L <= 100)) throw new RangeError(`L* is ${L}; allowed is 0 to 100`)
  if (polar) {
    if (!(one >= 0 && one <= 150)) throw new RangeError(`chroma is ${one}; allowed is 0 to 150`)
    return { ...labOfLch({ L, C: one, h: other }), white: 'D65/2' }
  }
  for (const [name, value] of [
    ['a*', one],
    ['b*', other],
  ] as const)
    if (!(Math.abs(value) <= 128))
      throw new RangeError(`${name} is ${value}; allowed is -128 to 128`)
  return { L, a: one, b: other, white: 'D65/2' }
}
