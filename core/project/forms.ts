/** Parts of a figure to see a ladder on; all are our own, made from distance functions (`shapes/`). */
export const forms = {
  head: { name: 'young man' },
  woman: { name: 'young woman' },
  old: { name: 'old man' },
  crone: { name: 'old woman' },
  child: { name: 'child' },
  heavy: { name: 'heavy man' },
  gaunt: { name: 'gaunt, the dead' },
  tusked: { name: 'tusked brute' },
  sly: { name: 'small sly one' },
  horned: { name: 'horned one' },
  drake: { name: 'drake' },
  newt: { name: 'newt' },
  torso: { name: 'torso' },
  hand: { name: 'hand' },
  forearm: { name: 'forearm' },
  flank: { name: 'scaled flank' },
  egg: { name: 'egg' },
} as const satisfies Record<string, { name: string }>
export type FormKey = keyof typeof forms

/**
 * What a figure is shown on; one that has no form of its own has the plain head.
 * @example formKeyOf({}) // "head"
 */
export const formKeyOf = ({ form = 'head' }: { form?: FormKey }): FormKey => form
