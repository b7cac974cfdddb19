import { shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import type { RouteLocationNormalized } from 'vue-router'

/** A room that was asked for and whose files did not come; it can be asked for again. */
export function useAwayRoom() {
  const router = useRouter()
  const away = shallowRef<RouteLocationNormalized>()
  router.onError((_error: unknown, to: RouteLocationNormalized) => (away.value = to))
  router.afterEach((_to, _from, failure) => {
    if (!failure) away.value = undefined
  })
  return {
    away,
    again: () => {
      const to = away.value
      away.value = undefined
      return to && router.push(to)
    },
  }
}
