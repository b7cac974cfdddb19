import { chain, ellipsoid } from '../../../core/ladder/form/distance'
import type { FormKey } from '../../../core/project/forms'
import { head } from './head'
import type { Head } from './head'
import type { HeadTraits } from './headTraits'
import type { Move } from './face/face'
import {
  BROW,
  JAW,
  CHIN,
  TIP,
  BRIDGE,
  WING,
  UPPER,
  LOWER,
  CHEEK,
  BONE,
  TEMPLE,
  BAG,
  JOWL,
  lines,
  move,
} from './face/places'

const man: HeadTraits = {
  moves: [move(JAW, 4.5, 0.25, -0.2, 0), move(BROW, 2.4, 0, -0.06, 0.22)],
}
const woman: HeadTraits = {
  moves: [
    move(JAW, 5, -0.7, 0.4, 0),
    move(CHIN, 3.6, 0, 0.4, -0.1),
    move(TIP, 2.4, 0, 0.2, -0.5),
    move(WING, 1.5, -0.16, 0, 0),
    move(LOWER, 1.8, 0, -0.06, 0.28),
    move(UPPER, 1.5, 0, 0.12, 0.2),
    move(BROW, 2.3, 0, 0.18, -0.25),
    move(BONE, 2.6, 0.12, 0.1, 0.2),
  ],
  opened: 0.32,
  skull: [0.97, 0.98, 0.97],
  neck: 0.82,
  shoulders: 0.86,
  lean: 0.12,
  ear: { size: 0.92 },
}
const aged: Move[] = [
  move(CHEEK, 3, -0.35, 0, -0.5),
  move(TEMPLE, 2.6, -0.35, 0, -0.2),
  move(UPPER, 1.8, 0, -0.12, -0.25),
  move(LOWER, 1.6, 0, 0.1, -0.22),
  move(JOWL, 2.3, 0.3, -0.45, 0.25),
  move(BAG, 0.9, 0, -0.06, 0.2),
]
const old: HeadTraits = {
  moves: [
    ...man.moves!,
    ...aged,
    move(TIP, 2.2, 0, -0.4, 0.3),
    move(BROW, 2.4, 0, -0.25, 0.3),
    move([3.1, 3.2, 4.2], 1.1, 0, -0.16, 0.05),
  ],
  opened: 0.1,
  neck: 0.92,
  lean: 0.85,
  ear: { size: 1.12 },
  relief: lines(1),
}
const crone: HeadTraits = {
  ...woman,
  moves: [
    ...woman.moves!.slice(0, 4),
    ...aged,
    move(TIP, 2, 0, -0.35, 0.35),
    move(CHIN, 2.8, 0, 0.1, 0.4),
    move([3.1, 3.2, 4.2], 1.1, 0, -0.12, 0.02),
  ],
  opened: 0.14,
  lean: 0.7,
  neck: 0.78,
  ear: { size: 1.02 },
  relief: lines(0.85),
}
const child: HeadTraits = {
  moves: [
    move(CHIN, 6.5, 0, 1.3, -0.4),
    move(JAW, 5.5, -0.9, 1.1, 0.2),
    move([0, 7, 4.8], 4.5, 0, 0.2, 0.5),
    move(TIP, 2.3, 0, 0.4, -0.95),
    move(BRIDGE, 2.2, 0, 0, -0.5),
    move(WING, 1.5, -0.18, 0.1, 0),
    move([4.4, -2.6, 3.7], 3, 0.25, 0, 0.45),
    move(BROW, 2.5, 0, 0.2, -0.3),
    move(UPPER, 1.4, 0, 0.1, 0.15),
    move([2.4, -4.3, 4.3], 1.5, -0.3, 0, 0.1),
    move([2.6, -8.2, 3.4], 2.8, -0.7, 0.3, 0.1),
    move([3.1, 3.1, 4], 1.2, 0, 0.1, 0),
  ],
  opened: 0.46,
  eye: 1.26,
  skull: [1.04, 1.04, 1.02],
  neck: 0.66,
  shoulders: 0.7,
  lean: 0,
  ear: { size: 0.92 },
}
const gaunt: HeadTraits = {
  moves: [
    move(CHEEK, 3.2, -0.9, 0.1, -1.15),
    move(TEMPLE, 2.8, -0.75, 0, -0.45),
    move(BAG, 1.7, 0, -0.1, -0.5),
    move([3, 3.5, 4.1], 1.3, 0, 0.05, -0.35),
    move(BONE, 1.8, 0.2, 0.05, 0.2),
    move(UPPER, 2, 0, 0, -0.35),
    move(LOWER, 1.8, 0, 0.05, -0.3),
    move(BRIDGE, 2, 0, 0, 0.15),
    move(WING, 1.3, -0.3, 0.1, -0.1),
    move(BROW, 2.2, 0, -0.1, 0.25),
  ],
  opened: 0.3,
  sunk: 0.35,
  neck: 0.78,
  lean: 1,
  shoulders: 0.92,
}
const heavy: HeadTraits = {
  moves: [
    move([5, -3.2, 3], 3.8, 0.8, -0.1, 0.6),
    move([5, -7, 1.8], 3.8, 1, -0.6, 0.5),
    move(CHIN, 3, 0, 0, 0.25),
    move(WING, 1.6, 0.22, 0, 0.05),
    move(BAG, 1.4, 0, 0, 0.22),
    move(TIP, 2, 0, 0, 0.1),
  ],
  opened: 0.06,
  neck: 1.28,
  shoulders: 1.04,
  lean: 0,
  full: [ellipsoid(0, -9, 0.4, 4.6, 2.6, 3.8)],
}
const tusked: HeadTraits = {
  moves: [
    move(BROW, 2.8, 0.1, -0.35, 0.85),
    move(JAW, 5.5, 1.2, -0.3, 0.2),
    move(CHIN, 4.8, 0, -0.4, 1),
    move([2.6, -8.6, 3.6], 3, 0.9, -0.1, 0.6),
    move(TIP, 2.5, 0, 0.15, -1.4),
    move(WING, 1.8, 0.6, -0.05, 0.2),
    move(LOWER, 2.2, 0, 0.15, 0.55),
    move([2.4, -4.3, 4.3], 2, 0.55, -0.1, 0.1),
    move(BONE, 3, 0.35, 0.1, 0.4),
  ],
  opened: 0.05,
  skull: [1.02, 0.86, 1],
  neck: 1.36,
  shoulders: 1.1,
  lean: 0.5,
  ear: { drawn: 8, way: [0.78, 0.42, -0.46], size: 1.05 },
  tusk: [
    [1.75, -5.3, 5.3, 0.5],
    [2.15, -4, 6.1, 0.46],
    [2.3, -2.2, 6.1, 0.1],
  ],
  scale: 0.92,
}
const sly: HeadTraits = {
  moves: [
    move(TIP, 3, 0, -0.7, 2.7),
    move(BRIDGE, 2.6, 0, 0.1, 0.9),
    move(CHIN, 3.2, 0, 0.3, 1),
    move(JAW, 5.5, -1, 0.6, 0),
    move([1.6, 3.8, 5], 1.8, 0, -0.4, 0.35),
    move([4.4, 3.9, 3.7], 2, 0, 0.3, 0.2),
    move(CHEEK, 2.6, -0.3, 0.1, -0.4),
    move([2.4, -4.3, 4.3], 1.8, 0.5, 0.25, 0.1),
    move(BONE, 2.4, 0.3, 0.2, 0.35),
  ],
  opened: 0.42,
  eye: 1.32,
  skull: [1, 0.88, 0.94],
  neck: 0.7,
  shoulders: 0.72,
  lean: 0.6,
  ear: { drawn: 10.5, way: [0.95, 0.22, -0.25], size: 1.2 },
  scale: 0.96,
}
const horned: HeadTraits = {
  moves: [
    move([0, -2.8, 6], 6.5, 0, -0.8, 3.4),
    move(TIP, 2, 0, 0.1, -0.9),
    move(WING, 1.5, 0.3, 0, 0.3),
    move(BRIDGE, 3, 0.1, 0, 0.7),
    move(CHIN, 3.4, 0, -0.3, 0.6),
    move(BROW, 2.6, 0.1, -0.1, 0.6),
    move(CHEEK, 2.8, -0.5, 0, -0.3),
  ],
  opened: 0.15,
  skull: [0.98, 0.95, 1],
  neck: 1.12,
  shoulders: 1.02,
  lean: 0.5,
  ear: { drawn: 5.5, way: [0.94, -0.1, -0.3], size: 0.9 },
  grown: [
    chain(
      0.6,
      [3, 10.4, 1.2, 1.7],
      [4.8, 13.6, -0.6, 1.5],
      [8, 15, -4.2, 1.2],
      [9.8, 12, -7.4, 0.8],
      [9.4, 8.6, -6.8, 0.2],
    ),
    chain(0.4, [0, -9.4, 5, 1.1], [0, -11.2, 5.9, 0.7], [0, -13, 6, 0.12]),
  ],
  scale: 0.9,
}

/** Heads made from one face. */
export const heads = {
  head: head(man),
  woman: head(woman),
  old: head(old),
  crone: head(crone),
  child: head(child),
  heavy: head(heavy),
  gaunt: head(gaunt),
  tusked: head(tusked),
  sly: head(sly),
  horned: head(horned),
} as const satisfies Partial<Record<FormKey, Head>>
export type HeadKey = keyof typeof heads
