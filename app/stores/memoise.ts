import { computed } from 'vue'
import type { ComputedRef } from 'vue'

/** A computed value of plain data that stays the same object while nothing in it changes. */
export const memoise = <T>(get: () => T): ComputedRef<T> =>
  computed<T>((before) => {
    const now = get()
    return before !== undefined && JSON.stringify(before) === JSON.stringify(now) ? before : now
  })
