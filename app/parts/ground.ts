import { createGlobalState, useLocalStorage } from '@vueuse/core'

/** The ground that colours are judged on. */
export const useGround = createGlobalState(() =>
  useLocalStorage<'middle' | 'dim' | 'light'>('cobaltfinch-field', 'middle', {
    // Where storage is refused the ground is chosen anew on every visit.
    onError: () => undefined,
  }),
)
