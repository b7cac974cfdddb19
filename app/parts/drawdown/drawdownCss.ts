import { toRaw } from 'vue'
import type { Lab, Paint } from '../../../core'
import { paintColours } from '../paintColours'
import { screenColour } from '../screenColour'

/** Right ends of the three columns, and the bottom of the upper row, in percent. */
const COLUMNS = [36, 72, 100] as const
const UPPER = 60

const cache = new WeakMap<Paint, string>()

/** A small white corner where the screen cannot show the colour. */
function corner(lab: Lab, column: number, upper: boolean): string[] {
  if (screenColour(lab).inGamut) return []
  const from = column === 0 ? 0 : COLUMNS[column - 1]!
  const width = COLUMNS[column]! - from
  // A background is placed by the share of what is left over beside it.
  const x = width === 100 ? 0 : (from / (100 - width)) * 100
  const height = column === 2 ? 100 : upper ? UPPER : 100 - UPPER
  const y = upper ? 0 : 100
  return [
    `linear-gradient(225deg, #fff 7px, transparent 7px) ${x}% ${y}% / ${width}% ${height}% no-repeat`,
  ]
}

function row(labs: readonly Lab[], upper: boolean): string {
  const stops = labs.map((lab, i) => {
    const { css } = screenColour(lab)
    return `${css} ${i === 0 ? 0 : COLUMNS[i - 1]}% ${COLUMNS[i]}%`
  })
  return `linear-gradient(to right, ${stops.join(', ')}) 0 ${upper ? 0 : 100}% / 100% ${upper ? UPPER + 2 : 100 - UPPER}% no-repeat`
}

/**
 * A drawdown as one background: thick film above, thin below, over white and black, the tint with
 * white at the right. Made once a paint, so that hundreds scroll lightly.
 */
export function drawdownCss(paint: Paint): string {
  const key = toRaw(paint)
  let css = cache.get(key)
  if (!css) {
    const c = paintColours(key)
    css = [
      ...corner(c.thickOverWhite, 0, true),
      ...corner(c.thickOverBlack, 1, true),
      ...corner(c.tint, 2, true),
      ...corner(c.thinOverWhite, 0, false),
      ...corner(c.thinOverBlack, 1, false),
      row([c.thickOverWhite, c.thickOverBlack, c.tint], true),
      row([c.thinOverWhite, c.thinOverBlack, c.tint], false),
    ].join(', ')
    cache.set(key, css)
  }
  return css
}
