import { lightingLimits } from './lighting'

/** How many of each a commission holds at most; forms, files and changes are all held to these. */
export const mostOf = {
  figures: 500,
  groups: 200,
  /** Figures painted alike. */
  copies: 500,
  /** Of them on the bench together, and others beside them. */
  atOnce: 40,
  paints: 1000,
  paintsOut: 1100,
  /** Bottles on the table. */
  palette: 12,
  pigments: 12,
  tones: 200,
  log: 5000,
  done: 20000,
  mixed: 5000,
  timers: 1000,
  dried: 300,
  puddles: 5000,
  coats: 30,
  details: 10,
  /** Places of one coat, any of which may hold. */
  wheres: 6,
  accents: 60,
  versions: 50,
  critiques: 60,
  /** Colours of one, and things said. */
  strip: 16,
  faults: 10,
  parts: 40,
  steps: 11,
  progression: 20,
} as const

/** Letters at most. */
export const longest = {
  id: 80,
  /** A figure's id and a step. */
  puddleId: 100,
  well: 1000,
  name: 120,
  shortName: 80,
  note: 2000,
  pigment: 20,
  words: 300,
  date: 40,
} as const

/** Numbers from and to, ends included. */
export const range = {
  ...lightingLimits,
  drops: [1, 99],
  poured: [0.0001, 1000],
  thinner: [0, 40],
  passes: [1, 20],
  minutes: [0, 100000],
  ml: [0.1, 5000],
  leftMl: [0, 5000],
  dropsPerMl: [1, 200],
  price: [0, 100000],
  slower: [0.5, 4],
  eveningMin: [15, 720],
  tolerance: [0.5, 20],
  bare: [0.01, 1],
} as const
