import { until } from '@vueuse/core'
import { useLadder } from './ladder'

/** What else a room shows waits so long for the drops at most, ms. */
const PATIENCE_MS = 3000

/** The drops come first: what else takes a thread or the painter's machine begins when they stand. */
export const afterMixes = async (): Promise<void> => {
  await until(() => useLadder().searching).toBe(false, { timeout: PATIENCE_MS })
}
