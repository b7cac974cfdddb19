import { defineStore } from 'pinia'
import { computed } from 'vue'
import type { Recipe, SearchProgress, WishedRequest } from '../../core'
import { searchPool } from '../workers/searchPool'
import { useAnswer } from '../workers/useAnswer'
import type { Asked } from '../workers/useAnswer'

interface Found {
  news?: SearchProgress
  /** The best of other kinds: simpler, smaller, safer, other paints. */
  others: Recipe[]
  running: boolean
}

/** The one search for a step's recipe that may run; a new one takes the place of the old. */
export const useRecipeSearch = defineStore('recipeSearch', () => {
  let made: ReturnType<typeof searchPool> | undefined
  const pool = () => (made ??= searchPool())
  const latest = (): SearchProgress | undefined => asked.answer.value?.news
  const asked: Asked<WishedRequest, Found> = useAnswer<WishedRequest, Found>(
    async (job, { newest, soFar }): Promise<Found> => {
      let news: SearchProgress | undefined = latest()
      soFar({ news, others: [], running: true })
      await pool().search(job, (told) => soFar({ news: (news = told), others: [], running: true }))
      const best = news?.best[0]
      if (!best || !newest()) return { news, others: [], running: false }
      soFar({ news, others: [], running: false })
      return { news, others: await pool().variants(job, best), running: false }
    },
    { interrupt: () => made?.stop() },
  )
  const { answer, trouble, busy, ask, stop } = asked
  const news = computed(latest)
  const others = computed(() => answer.value?.others ?? [])
  const running = computed(() => busy.value && answer.value?.running === true)
  return { news, others, running, trouble, start: ask, stop }
})
