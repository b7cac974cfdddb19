import { useTitle } from '@vueuse/core'
import { computed, nextTick, watch } from 'vue'
import type { Ref } from 'vue'
import { useRoute } from 'vue-router'
import { rooms } from '../rooms'
import { useProject } from '../stores/project/project'

/** So many frames a room has to show its heading. */
const MOST_FRAMES = 120

/** What the title calls a panel of a room. */
const panelOf = (params: object, query: object): string => {
  const { way, step } = params as { way?: unknown; step?: unknown }
  const { show } = query as { show?: unknown }
  return [way, step, show].filter((one) => typeof one === 'string' && one !== '').join(', ')
}

/**
 * Whoever comes into a room is told where that is: the title names panel, room, figure and commission, the room opens at
 * its top, and the focus goes to its heading.
 */
export function useArrival(main: Ref<HTMLElement | undefined>): void {
  const route = useRoute()
  const store = useProject()
  useTitle(
    computed(() => {
      const inside = typeof route.params.commission === 'string'
      const ofFigure = inside && rooms.some(({ name, ofFigure }) => ofFigure && name === route.name)
      const panel = panelOf(route.params, route.query)
      return [
        route.name === undefined ? '' : String(route.name) + (panel && ` (${panel})`),
        ofFigure && store.figures.length > 0 ? store.figure.name : '',
        inside ? store.project.name : '',
        'Cobaltfinch',
      ]
        .filter(Boolean)
        .join(' · ')
    }),
  )

  let coming = 0
  /** The heading, when it is there; the room may still be on its way. */
  function toHeading(mine: number, left: number): void {
    if (mine !== coming || left === 0) return
    const heading = main.value?.querySelector<HTMLElement>('h1')
    if (!heading) return void requestAnimationFrame(() => toHeading(mine, left - 1))
    // What the room itself has given the focus to keeps it.
    if (document.activeElement?.closest('main')) return
    heading.tabIndex = -1
    heading.focus({ preventScroll: true })
  }
  watch(
    () => route.name,
    async (_, before) => {
      if (before === undefined) return
      const mine = ++coming
      if (main.value) main.value.scrollTop = 0
      await nextTick()
      requestAnimationFrame(() => toHeading(mine, MOST_FRAMES))
    },
    { flush: 'post' },
  )
}
