import { defineStore } from 'pinia'
import { computed, toRaw, watch } from 'vue'
import { steady } from './steady'
import { mixPaints, opaqueReflectance, zonesOf } from '../../core'
import type { Paint, Spectrum, Tone } from '../../core'
import type { AccentReply } from '../workers/coatsWorker'
import { threads } from '../workers/threads'
import { useAnswer } from '../workers/useAnswer'
import { glazesOver } from './glazes'
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

  type Glazes = ReadonlyMap<string, AccentReply>
  interface Ask {
    figure: { tone: Tone; places: readonly string[] }
    under: Spectrum
    paints: Paint[]
  }
  const { answer, trouble, ask } = useAnswer<Ask, Glazes>(
    ({ figure, under, paints }, { newest, soFar }) =>
      glazesOver(figure, under, paints, (made) => {
        soFar(made)
        return newest()
      }),
  )
  watch(
    [chosen, ground, () => store.paintsIn],
    () => {
      if (!ground.value || store.paintsIn.length === 0) return
      const figure = { tone: tone.value, places: chosen.value }
      ask({ figure, under: ground.value, paints: store.paintsIn.map(toRaw) })
    },
    { immediate: true },
  )
  const found = computed<Glazes>(() => answer.value ?? new Map())
  /** Eyes, teeth, claws and mouth, mixed from what is in. */
  const small = useAnswer((paints: Paint[]) => threads.coats().small(paints))
  /** Until they are found anew, glazes may name a bottle that has gone. */
  const known = computed(
    () =>
      new Map(
        [...found.value].filter(([, { parts }]) => parts.every(({ paint }) => isKnown(paint))),
      ),
  )
  const mixSmall = (paints: Paint[]): void => small.ask(paints)
  return {
    zones,
    chosen,
    found: known,
    trouble,
    small: small.answer,
    smallTrouble: small.trouble,
    mixSmall,
  }
})
