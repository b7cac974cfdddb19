import { pick } from '../../../parts/pickWords'

/** Slider values in a painter's words. */
export const contrastWords = (value: number): string =>
  pick(value, [
    [0.62, 'soft, young face'],
    [0.87, 'gentle, in the hand'],
    [1.13, 'table, 60 cm'],
    [1.38, 'strong, craggy'],
    [2, 'dramatic, shelf'],
  ])

export const warmthWords = (value: number): string =>
  pick(value, [
    [-0.6, 'cold, moon'],
    [-0.15, 'cool'],
    [0.15, 'plain day'],
    [0.6, 'warm'],
    [2, 'lamp'],
  ])

export const turnWords = (value: number): string =>
  pick(value, [
    [0.06, 'not at all'],
    [0.36, 'a little'],
    [0.66, 'plainly'],
    [2, 'wholly'],
  ])

export const sheenWords = (value: number): string =>
  pick(value, [
    [0.1, 'dry, matt'],
    [0.45, 'skin'],
    [0.75, 'moist'],
    [2, 'wet'],
  ])

export const offWords = (off: number): string =>
  pick(off, [
    [1, 'cannot be told from the aim'],
    [2.5, 'close to the aim'],
    [5, 'plainly beside the aim'],
    [Infinity, 'this box comes no nearer within the limits'],
  ])

export const liftWords = (value: number): string =>
  pick(value, [
    [0.1, 'hardly'],
    [0.35, 'a little'],
    [0.65, 'plainly'],
    [2, 'wholly'],
  ])

export const softnessWords = (value: number): string =>
  pick(value, [
    [0.2, 'craggy, long range'],
    [0.6, 'grown, even'],
    [2, 'smooth, short range'],
  ])

export const bounceWords = (value: number): string =>
  pick(value, [
    [0.15, 'open, none'],
    [0.5, 'skin beside skin'],
    [2, 'deep folds glow'],
  ])
