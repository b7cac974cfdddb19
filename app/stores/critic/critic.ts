import { failureWords } from '../../words/failure'
import { defineStore } from 'pinia'
import { computed, ref, toRaw, watch } from 'vue'
import { fromAfar, mixPaints, mostOf, opaqueReflectance } from '../../../core'
import type {
  CriticAnswer,
  CriticRequest,
  FigureCritique,
  NeutralKey,
  SkinPuddle,
} from '../../../core'
import { newId } from '../../vault/newId'
import { keepPhoto } from '../../vault/photos'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { aimsOf, lightingOf } from '../ladder/lighting'
import { useLadder } from '../ladder/ladder'
import { withPaints } from '../paints'
import { useCriticPicture } from '../picture/pictures'
import { useEye } from '../eye/eye'
import { useProject } from '../project/project'
import { plain } from '../project/work'

/** A photograph of the figure that is open against its plan, and what earlier ones were like. */
export const useCritic = defineStore('critic', () => {
  const store = useProject()
  const ladder = useLadder()
  const picture = useCriticPicture()
  /** What the painter says the neutral is. */
  const neutralIs = ref<NeutralKey>('card')

  const eye = useEye()
  /** The plan as paint; nothing while a step has no mix. */
  const puddles = computed<SkinPuddle[] | undefined>(() => {
    const { steps } = ladder
    if (steps.length === 0 || steps.some(({ parts }) => parts.length === 0)) return undefined
    return steps.map(({ key, share, parts }) => {
      const mixture = mixPaints(withPaints(parts))
      return { key, share, mixture, reflectance: opaqueReflectance(mixture) }
    })
  })
  const sizeMm = computed(() => store.figure.size.heightMm)
  /** What is left of the plan at each distance. */
  const afar = computed(() => {
    const steps = ladder.steps.flatMap(({ key, painted, share }) =>
      painted ? [{ key, lab: painted, share }] : [],
    )
    return steps.length === ladder.steps.length ? fromAfar(steps, sizeMm.value, eye.tolerance) : []
  })

  const { answer, trouble, busy, ask, forget } = useAnswer<CriticRequest, CriticAnswer>((job) =>
    threads.picture().judge('critic', job),
  )
  const others = (): CriticRequest['others'] =>
    store.figures
      .filter(({ id }) => id !== store.figure.id)
      .map((figure) => {
        const { name, tone, size } = figure
        return {
          name,
          tone,
          lighting: lightingOf(aimsOf(figure)),
          sizeMm: size.heightMm,
        }
      })
  watch(
    [() => picture.picture, () => picture.mask, () => picture.neutral, neutralIs, puddles],
    () => {
      const { neutral, mask } = picture
      if (!picture.picture || !neutral || !mask || !puddles.value) return forget()
      ask({
        mask: toRaw(mask),
        neutral: { ...neutral, is: neutralIs.value },
        puddles: puddles.value,
        bottles: new Map(store.paintsIn.map(({ id, K, S }) => [id, { K, S }])),
        sizeMm: sizeMm.value,
        from: ladder.lighting.seenFrom ?? 'table',
        others: plain(others()),
      })
    },
    { immediate: true },
  )
  // A photograph is of one figure.
  watch(
    () => store.figure.id,
    (id) => {
      if (picture.owner && picture.owner !== id) picture.close()
    },
  )

  const story = computed(() => store.figure.critiques ?? [])
  const keeping = ref(false)
  const notKept = ref('')
  /** Writes what was said into the figure's story, with its photograph. */
  async function keep(): Promise<void> {
    const said = answer.value
    const { file } = picture
    const { id } = store.figure
    if (!said) return
    keeping.value = true
    notKept.value = ''
    try {
      const photo = file ? await keepPhoto(file) : undefined
      const made: FigureCritique = {
        id: newId(),
        at: new Date().toISOString(),
        ...(photo ? { photo } : {}),
        neutral: neutralIs.value,
        off: said.off,
        strip: said.strip,
        faults: said.faults.map(({ fault }) => fault),
      }
      const had = store.figures.find((one) => one.id === id)?.critiques ?? []
      const kept = [...had, made].slice(-mostOf.critiques)
      store.setFigure(id, { critiques: kept }, `critiques ${made.id}`)
    } catch (error) {
      notKept.value = `It was not written down: ${failureWords(error)}.`
    }
    keeping.value = false
  }
  const letGo = (id: string): void => {
    const kept = story.value.filter((one) => one.id !== id)
    store.setFigure(store.figure.id, { critiques: kept.length > 0 ? kept : undefined })
  }
  return {
    neutralIs,
    puddles,
    afar,
    answer,
    trouble,
    busy,
    story,
    keep,
    letGo,
    keeping,
    notKept,
  }
})
