import type { Role } from './role'

/** What undercoats are, whatever the figure is; windows from memory. */
export const undercoatWindows = {
  white: {
    name: 'white',
    L: [92, 100],
    C: [0, 5],
    holds: [['white']],
    as: 'glint',
    aim: { L: 97, a: 0, b: 0 },
  },
  lightGrey: {
    name: 'light grey',
    L: [70, 85],
    C: [0, 5],
    holds: [
      ['white', 'black'],
      ['white', 'blue', 'brown'],
    ],
    as: 'light',
    aim: { L: 77, a: 0, b: 0 },
  },
  cream: {
    name: 'cream',
    h: [60, 110],
    L: [85, 93],
    C: [0, 18],
    holds: [['white']],
    as: 'light',
    aim: { L: 90, a: 1, b: 11 },
  },
  black: {
    name: 'black',
    L: [0, 15],
    C: [0, 5],
    holds: [['black'], ['blue', 'brown']],
    as: 'crevice',
    aim: { L: 5, a: 0, b: 0 },
  },
} as const satisfies Record<string, Role>
