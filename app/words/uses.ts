import type { PuddleUse } from '../../core'

/** Where a puddle is used, as one would say it: “coat 3 of Isaura”. */
export function useWords(
  use: PuddleUse,
  called: { figure: (id: string) => string; place: (place: string) => string },
): string {
  if (use.kind === 'puddle') return `the mix ${use.name ?? 'without a name'}`
  const of = `of ${called.figure(use.figure)}`
  if (use.kind === 'undercoat') return `the undercoat ${of}`
  if (use.kind === 'coat') return `coat ${use.at + 1} ${of}`
  return use.kind === 'accent' ? `${called.place(use.place)} ${of}` : `${use.detail} ${of}`
}
