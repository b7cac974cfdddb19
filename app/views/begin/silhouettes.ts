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
    d: 'M-9-4c0-7 4-11 9-11s9 4 9 11-4 10-9 10-9-3-9-10ZM-6-9l-5 6-4-11ZM6-9l9-5-4 11ZM-18 4c6-5 30-5 36 0l6 31-8 2-5-19-1 33h-9l-1-17-1 17h-9l-1-33-5 19-8-2Z',
    foot: 51,
    height: 66,
  },
} as const
export type Silhouette = keyof typeof silhouettes
