import type { Hide } from './hide'
import type { Skin } from './skin'
import { usualCarotene } from './usualCarotene'

export interface StartingPlace<T> {
  name: string
  tone: T
}

/** @param golden carotene beyond what the complexion usually has, µM. */
const skin = (melanin: number, blood: number, golden = 0): Skin => ({
  melanin,
  blood,
  oxygenation: 0.75,
  carotene: Math.round(usualCarotene(melanin) + golden),
})

/** Complexions over the whole range in even steps of lightness, light to dark; none is a default. */
export const skinPlaces: readonly StartingPlace<Skin>[] = [
  { name: 'porcelain', tone: skin(0.0035, 0.006, -13) },
  { name: 'fair, rosy', tone: skin(0.0065, 0.0125) },
  { name: 'fair, golden', tone: skin(0.023, 0.0085, 4) },
  { name: 'light olive', tone: skin(0.036, 0.0095, 7) },
  { name: 'tan', tone: skin(0.053, 0.015) },
  { name: 'bronze', tone: skin(0.082, 0.017, 4) },
  { name: 'brown', tone: skin(0.125, 0.019) },
  { name: 'deep brown', tone: skin(0.185, 0.021, 2) },
  { name: 'very deep', tone: skin(0.28, 0.022) },
  { name: 'deepest brown', tone: skin(0.43, 0.024) },
]

const hide = (L: number, C: number, h: number, more: Omit<Hide, 'lab'> = {}): Hide => ({
  lab: {
    L,
    a: Math.round(10 * C * Math.cos((h * Math.PI) / 180)) / 10,
    b: Math.round(10 * C * Math.sin((h * Math.PI) / 180)) / 10,
  },
  ...more,
})

/** Hides and the dead to start from; invented, by convention of the trade (T21). */
export const hidePlaces: readonly StartingPlace<Hide>[] = [
  { name: 'blue-green', tone: hide(48, 21, 192, { belly: 12, back: 10 }) },
  { name: 'yellow-green', tone: hide(56, 36, 117, { belly: 14, back: 9 }) },
  { name: 'deep green', tone: hide(34, 22, 148, { belly: 10, back: 8 }) },
  { name: 'grey', tone: hide(52, 4, 100, { belly: 12, back: 12 }) },
  { name: 'pale blue', tone: hide(68, 15, 240, { belly: 8, back: 10, blood: 0.05 }) },
  { name: 'violet', tone: hide(42, 27, 312, { belly: 12, back: 10 }) },
  { name: 'red', tone: hide(40, 44, 30, { belly: 12, back: 12 }) },
  { name: 'bone', tone: hide(78, 17, 85, { belly: 6, back: 12 }) },
  {
    name: 'newly dead',
    tone: hide(66, 12, 70, { blood: 0.08, stale: 0.9, bile: 0.05, pallor: 0.2 }),
  },
  { name: 'days dead', tone: hide(60, 9, 105, { blood: 0.06, stale: 1, bile: 0.25, pallor: 0.3 }) },
  { name: 'long dead', tone: hide(46, 13, 95, { stale: 1, bile: 0.6, belly: 4, back: 10 }) },
]
