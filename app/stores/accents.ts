import { defineStore } from 'pinia'
import { computed, shallowRef, toRaw, watch } from 'vue'
import { steady } from './steady'
import { mixPaints, opaqueReflectance, zonesOf } from '../../core'
import type { Paint } from '../../core'
import type { AccentReply } from '../workers/coatsWorker'
import { glazeFinder, glazesOver } from './glazes'
import { useLadder } from './ladder/ladder'
import { isKnown, withPaints } from './paints'
import { useProject } from './project/project'

/** The glazes of life that are chosen for this figure, each worked out over its painted skin. */
export const useAccents = defineStore('accents', () => {
  const store = useProject()
  const ladder = useLadder()
  const tone = computed(() => store.figure.tone)
  const zones = computed(() => zonesOf(tone.value))
  /** Keys of the places that are painted. */
  const chosen = steady(() => (store.figure.accents ?? []).map(({ place }) => place))
  const baseMix = steady(() => ladder.steps.find(({ key }) => key === 'base')?.parts ?? [])
  const ground = computed(() =>
    baseMix.value.length > 0 ? opaqueReflectance(mixPaints(withPaints(baseMix.value))) : undefined,
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
      const figure = { tone: tone.value, places: chosen.value }
      const show = (made: ReadonlyMap<string, AccentReply>): boolean => {
        if (mine === turn) found.value = made
        return mine === turn
      }
      try {
        show(await glazesOver(figure, under, store.paintsIn.map(toRaw), show))
        trouble.value = ''
      } catch (error) {
        trouble.value = (error as Error).message
      }
    },
    { immediate: true },
  )
  /** Eyes, teeth, claws and mouth, mixed from these paints. */
  const small = (paints: Paint[]) => glazeFinder().small(paints)
  /** Until they are found anew, glazes may name a bottle that has gone. */
  const known = computed(
    () =>
      new Map(
        [...found.value].filter(([, { parts }]) => parts.every(({ paint }) => isKnown(paint))),
      ),
  )
  return { zones, chosen, found: known, trouble, small }
})
