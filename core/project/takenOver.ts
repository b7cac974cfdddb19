import type { Figure } from './figure'
import type { StoredPuddle } from './storedPuddle'
/** Makes an id that nothing else has. */
export type NewId = () => string

/** What a figure takes over, and the puddles that come with it. */
export interface TakenOver {
  figure: Partial<Figure>
  /** In the place of those of the figure's own that have their ids, or beside them. */
  puddles: StoredPuddle[]
}
