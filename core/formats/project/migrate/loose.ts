/** Plain data as it comes out of a file: anything may be in it. */
export type Loose = Record<string, unknown>

export const isLoose = (data: unknown): data is Loose =>
  typeof data === 'object' && data !== null && !Array.isArray(data)
