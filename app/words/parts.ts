import type { BottleDrops } from '../../core'
import { partWords } from './amounts'

/** A mix as it is read aloud: “3 titanium white + 1 yellow ochre”. */
export const partsInWords = (
  parts: readonly BottleDrops[],
  nameOf: (paint: string) => string,
): string => parts.map(({ paint, drops }) => partWords(drops, nameOf(paint))).join(' + ')
