import { displayColour } from '../../colour/display'
import { mixInWords } from '../ladderRow'
import type { LadderRow } from '../ladderRow'

const oneLine = (text: string): string => text.replace(/\s+/g, ' ').trim()

/**
 * The painted colours of a ladder as a .gpl palette: sRGB 0–255 and a name a line. A colour the
 * screen cannot show is cut to sRGB and its name says so.
 * @example formatGpl('Bram', rows).startsWith('GIMP Palette') // true
 */
export function formatGpl(name: string, rows: readonly LadderRow[]): string {
  const lines = rows.map(({ step, painted, parts }) => {
    const { rgb, inGamut } = displayColour(painted)
    const numbers = rgb.map((v) => String(Math.round(v * 255)).padStart(3)).join(' ')
    return `${numbers}\t${oneLine(`${step}: ${mixInWords(parts)}`)}${inGamut ? '' : ' (outside sRGB)'}`
  })
  return [
    'GIMP Palette',
    `Name: ${oneLine(name)}`,
    `Columns: ${rows.length}`,
    '#',
    ...lines,
    '',
  ].join('\n')
}
