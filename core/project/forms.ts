/** Parts of a figure to see a ladder on; all are our own, made from distance functions (`shapes/`). */
export const forms = {
  head: { name: 'young head' },
  old: { name: 'old head' },
  gaunt: { name: 'gaunt head' },
  tusked: { name: 'tusked head' },
  torso: { name: 'torso' },
  hand: { name: 'hand' },
  forearm: { name: 'forearm' },
  flank: { name: 'scaled flank' },
  egg: { name: 'egg' },
} as const satisfies Record<string, { name: string }>
export type FormKey = keyof typeof forms
