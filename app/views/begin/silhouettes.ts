/** Outlines of a standing person, a bust and a creature, feet or foot of the bust at `foot`; drawn for this application. */
export const silhouettes = {
  person: {
    d: 'M0 0c-6 0-9-4-9-9 0-6 4-9 9-9s9 3 9 9c0 5-3 9-9 9Zm-4-3h8v9h-8Zm-9 8c3-3 23-3 26 0l5 30h-8l-2 29h-16l-2-29h-8Z',
    foot: 64,
    height: 82,
  },
  bust: {
    d: 'M0 8c-14 0-21-9-21-23 0-15 9-23 21-23s21 8 21 23c0 14-7 23-21 23Zm-10-4h20l3 20c14 4 22 10 24 22h-74c2-12 10-18 24-22Z',
    foot: 46,
    height: 84,
  },
  creature: {
    d: 'M-8 2c-7-2-12-7-12-13l-8-8 11 2c3-5 9-8 17-8s14 3 17 8l11-2-8 8c0 6-5 11-12 13l12 8 6 22-9 2-5-13-3 27h-18l-3-27-5 13-9-2 6-22Z',
    foot: 50,
    height: 75,
  },
} as const
export type Silhouette = keyof typeof silhouettes
