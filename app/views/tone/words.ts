import { pick } from '../../parts/pickWords'

export const undertoneWords = (carotene: number): string =>
  pick(carotene, [
    [5, 'cool, rosy'],
    [14, 'neutral'],
    [28, 'golden'],
    [44, 'olive'],
    [99, 'sallow'],
  ])

export const oxygenWords = (oxygenation: number): string =>
  pick(oxygenation, [
    [0.15, 'none, livid'],
    [0.45, 'cold'],
    [0.68, 'cool'],
    [0.85, 'rested'],
    [1, 'rushing'],
  ])

export const strengthWords = (strength: number): string =>
  pick(strength, [
    [0.02, 'not at all'],
    [0.35, 'a touch'],
    [0.65, 'plain to see'],
    [0.9, 'far gone'],
    [1, 'all the way'],
  ])

export const shareWords = (share: number): string =>
  pick(share, [
    [0.02, 'none'],
    [0.25, 'a hint'],
    [0.5, 'some'],
    [0.8, 'much'],
    [1, 'full'],
  ])

/** How a model's colour stands to what it explains. */
export const fitWords = (off: number): string =>
  pick(off, [
    [1.5, 'as near as can be told'],
    [4, 'near; the model itself errs by 3'],
    [Infinity, 'too far: it is something else'],
  ])
