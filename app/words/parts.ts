import type { KeptPart } from '../../core'

/** A mix as it is read aloud: “3 titanium white + 1 yellow ochre”. */
export const partsInWords = (
  parts: readonly KeptPart[],
  nameOf: (paint: string) => string,
): string => parts.map(({ paint, drops }) => `${drops} ${nameOf(paint)}`).join(' + ')
