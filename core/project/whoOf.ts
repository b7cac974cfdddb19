import type { LogEntry } from './bench'
import type { Figure } from './figure'

/**
 * Names the figure of a log entry: as it is called now, or as it was when it has gone.
 * @example whoOf([{ id: 'bram', name: 'Bram' }])({ figure: 'bram', who: 'Old Bram' }) // "Bram"
 */
export function whoOf(
  figures: readonly Pick<Figure, 'id' | 'name'>[],
): (entry: Pick<LogEntry, 'figure' | 'who'>) => string {
  const names = new Map(figures.map(({ id, name }) => [id, name]))
  return ({ figure, who }) => (figure === undefined ? who : (names.get(figure) ?? who))
}
