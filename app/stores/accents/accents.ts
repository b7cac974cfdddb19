import { defineStore } from 'pinia'
import { computed, toRaw, watch } from 'vue'
import { mixPaints, opaqueReflectance, zonesOf } from '../../../core'
import type { Paint, Spectrum, Tone } from '../../../core'
import type { AccentReply } from '../../workers/coatsJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useLadder } from '../ladder/ladder'
import { withPaints } from '../paints'
import { useProject } from '../project/project'
import { memoise } from '../memoise'
import { detailsOf } from './details'
import { glazesOf, glazesOver, placesToFind } from './glazes'
import type { Glazes } from './glazes'

/** What is painted of life on this figure: glazes over its painted skin, eyes, teeth and claws. */
export const useAccents = defineStore('accents', () => {
  const store = useProject()
  const ladder = useLadder()
  const tone = computed(() => store.figure.tone)
  const zones = computed(() => zonesOf(tone.value))
  /** Keys of the places that are painted. */
  const chosen = memoise(() => (store.figure.accents ?? []).map(({ place }) => place))
  const toFind = memoise(() => placesToFind(store.figure))
  const baseMix = memoise(() => ladder.steps.find(({ key }) => key === 'base')?.parts ?? [])
  const ground = computed(() =>
    baseMix.value.length > 0 ? opaqueReflectance(mixPaints(withPaints(baseMix.value))) : undefined,
  )

  interface Ask {
    figure: { tone: Tone; places: readonly string[] }
    under: Spectrum
    paints: Paint[]
  }
  const { answer, trouble, ask } = useAnswer<Ask, ReadonlyMap<string, AccentReply>>(
    ({ figure, under, paints }, { newest, soFar }) =>
      glazesOver(figure, under, paints, (made) => {
        soFar(made)
        return newest()
      }),
  )
  watch(
    [toFind, ground, () => store.paintsIn],
    () => {
      if (!ground.value || store.paintsIn.length === 0) return
      const figure = { tone: tone.value, places: toFind.value }
      ask({ figure, under: ground.value, paints: store.paintsIn.map(toRaw) })
    },
    { immediate: true },
  )
  const found = computed<Glazes>(() =>
    ground.value
      ? glazesOf(
          store.figure,
          ground.value,
          ladder.contents,
          answer.value ?? new Map(),
          store.paintsIn,
        )
      : new Map(),
  )
  /** Eyes, teeth, claws and mouth, mixed from what is in. */
  const small = useAnswer((paints: Paint[]) => threads.coats().small(paints))
  const mixSmall = (paints: Paint[]): void => small.ask(paints)
  watch(
    [() => (store.figure.details ?? []).length > 0, () => store.paintsIn],
    ([painted, paints]) => painted && paints.length > 0 && mixSmall(paints.map(toRaw)),
    { immediate: true },
  )
  const details = computed(() => detailsOf(store.figure, small.answer.value ?? [], ladder.contents))
  return {
    zones,
    chosen,
    found,
    trouble,
    details,
    small: small.answer,
    smallTrouble: small.trouble,
    mixSmall,
  }
})
