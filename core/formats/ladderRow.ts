import type { Lab } from '../colour/lab'

/** A step of a ladder as palettes and tables carry it. */
export interface LadderRow {
  step: string
  share: number
  target: Lab
  painted: Lab
  deltaE00: number
  parts: { name: string; drops: number }[]
}

/** `9 titanium white + 2 yellow ochre` */
export const mixInWords = (parts: LadderRow['parts']): string =>
  parts.map(({ name, drops }) => `${drops} ${name}`).join(' + ')
