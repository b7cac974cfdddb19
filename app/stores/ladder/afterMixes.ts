import { until } from '@vueuse/core'
import { useLadder } from './ladder'

/** What else a room shows waits so long for the drops at most, ms. */
const PATIENCE_MS = 3000

/** The drops come first: what else takes a thread or the painter's machine begins when they stand. */
export const afterMixes = async (): Promise<void> => {
  const ladder = useLadder()
  const stand = (): boolean => !ladder.searching || ladder.steps.some(({ made }) => made.length > 0)
  await until(stand).toBe(true, { timeout: PATIENCE_MS })
}
