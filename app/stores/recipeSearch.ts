import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Recipe } from '../../core'
import { SearchPool } from '../workers/searchPool'
import type { PoolJob, PoolNews } from '../workers/searchPool'

/** The one search for a step's recipe that may run; a new one takes the place of the old. */
export const useRecipeSearch = defineStore('recipeSearch', () => {
  let pool: SearchPool | undefined
  const news = shallowRef<PoolNews>()
  /** The best of other kinds: simpler, smaller, safer, other paints. */
  const others = shallowRef<Recipe[]>([])
  const running = ref(false)
  const trouble = ref('')
  let turn = 0

  async function start(job: PoolJob): Promise<void> {
    pool ??= new SearchPool()
    const mine = ++turn
    running.value = true
    others.value = []
    trouble.value = ''
    try {
      await pool.search(job, (told) => (news.value = told))
    } catch (error) {
      if (mine === turn) trouble.value = (error as Error).message
    }
    if (mine !== turn) return
    running.value = false
    const best = news.value?.best[0]
    if (!best) return
    const found = await pool.variants(job, best)
    if (mine === turn) others.value = found
  }
  function stop(): void {
    turn++
    pool?.stop()
    running.value = false
  }
  return { news, others, running, trouble, start, stop }
})
