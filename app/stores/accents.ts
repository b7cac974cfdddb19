import { wrap } from 'comlink'
import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import { mixPaints, opaqueReflectance, zonesOf } from '../../core'
import type { Paint } from '../../core'
import type { AccentReply, CoatsApi } from '../workers/coatsWorker'
import { useLadder } from './ladder'
import { paintOf } from './paints'
import { useProject } from './project'

/** The glazes of life that are chosen for this figure, each worked out over its painted skin. */
export const useAccents = defineStore('accents', () => {
  const store = useProject()
  const ladder = useLadder()
  const zones = computed(() => zonesOf(store.figure.tone))
  const chosen = computed(() => store.figure.accents ?? [])
  const ground = computed(() => {
    const base = ladder.steps.find(({ key }) => key === 'base')
    return base && base.parts.length > 0
      ? opaqueReflectance(
          mixPaints(base.parts.map(({ paint, drops }) => ({ paint: paintOf(paint), drops }))),
        )
      : undefined
  })

  const api = wrap<CoatsApi>(
    new Worker(new URL('../workers/coatsWorker.ts', import.meta.url), { type: 'module' }),
  )
  const found = shallowRef<ReadonlyMap<string, AccentReply>>(new Map())
  const trouble = shallowRef('')
  let turn = 0
  watch(
    [chosen, ground, () => store.paintsIn],
    async () => {
      const mine = ++turn
      const under = ground.value
      if (!under || store.paintsIn.length === 0) return
      const paints = store.paintsIn.map(toRaw)
      const next = new Map<string, AccentReply>()
      try {
        for (const key of chosen.value) {
          const place = zones.value.find((zone) => zone.key === key)
          if (!place) continue
          const job = { ground: under, base: ladder.base, place: place.reflectance, paints }
          next.set(key, await api.accent(job))
          if (mine !== turn) return
          found.value = new Map(next)
        }
        found.value = next
        trouble.value = ''
      } catch (error) {
        trouble.value = (error as Error).message
      }
    },
    { immediate: true },
  )
  /** Eyes, teeth, claws and mouth, mixed from these paints. */
  const small = (paints: Paint[]) => api.small(paints)
  return { zones, chosen, found, trouble, small }
})
