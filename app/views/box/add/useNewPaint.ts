import { computed, reactive, ref, toRaw, watch } from 'vue'
import { freeId, labOf, mostOf, recordOf, slugOf } from '../../../../core'
import type {
  Finish,
  HazardKey,
  OpacityClass,
  Paint,
  PaintKind,
  SwatchReading,
  TintStep,
} from '../../../../core'
import { useDraft } from '../../../parts/useDraft'
import { useProject } from '../../../stores/project/project'
import type { SolveJob } from '../../../workers/boxJobs'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'
import { solveJobOf } from './solveJob'
import type { ToldBy } from './solveJob'
import { useToldDraft } from './toldDraft'

/** The paint that is being put into the box: what is told, what was read, what came of it. */
export function useNewPaint() {
  const store = useProject()
  const way = ref<ToldBy>('eye')
  const about = reactive({
    name: '',
    kind: 'paint' as PaintKind,
    pigments: '',
    hazards: [] as HazardKey[],
    ml: 17,
  })
  const letGo = useDraft('of a new paint', about)
  const opacity = ref<OpacityClass>('semi-opaque')
  /** How strong it looks in white, 0–4; nothing until that was told. */
  const tintStep = ref<TintStep>()
  const pigments = computed(() =>
    about.pigments
      .split(/[\s,;]+/)
      .filter(Boolean)
      .slice(0, mostOf.pigments),
  )
  /** How it dries; paint for figures is matt. */
  const finish = ref<Finish>('matt')
  const film = reactive({ thicknessUm: 20 })
  const tint = reactive({ white: 'titanium-white', whiteParts: 9 })
  const readings = reactive<Record<'neat' | 'tint' | 'black' | 'white', SwatchReading | undefined>>(
    {
      neat: undefined,
      tint: undefined,
      black: undefined,
      white: undefined,
    },
  )

  const letTold = useToldDraft({ way, opacity, tintStep, finish, film, tint, readings })
  const slug = computed(() => {
    const taken = new Set(store.paints.map(({ id }) => id))
    return freeId(slugOf(about.name, 'paint'), (id) => taken.has(id))
  })
  const known = (name: keyof typeof readings): SwatchReading | undefined => {
    const reading = readings[name]
    return reading && { ...toRaw(reading) }
  }
  const job = computed<SolveJob | undefined>(() =>
    solveJobOf({
      way: way.value,
      kind: about.kind,
      hazards: [...about.hazards],
      pigments: pigments.value,
      opacity: opacity.value,
      tintStep: tintStep.value,
      finish: finish.value,
      film,
      tint,
      // Every reading is touched, so that any of them starts a new solution.
      neat: known('neat'),
      tinted: known('tint'),
      black: known('black'),
      white: known('white'),
    }),
  )
  const {
    answer,
    trouble: stopped,
    ask,
    forget,
  } = useAnswer(async (asked: SolveJob) => threads.box().solve(asked))
  watch(job, (asked) => (asked ? ask(asked) : forget()))
  const paint = computed(() =>
    answer.value && 'paint' in answer.value ? answer.value.paint : undefined,
  )
  const trouble = computed(() =>
    answer.value && 'trouble' in answer.value ? answer.value.trouble : stopped.value,
  )

  /** What each answer by eye did to the doubt, and what it would look like in white. */
  const byEye = computed(() => {
    const found = way.value === 'eye' ? answer.value : undefined
    return found && 'doubts' in found
      ? { doubts: found.doubts ?? [], tints: found.tints ?? [] }
      : { doubts: [], tints: [] }
  })

  /** Puts the paint into the box; hands back its id. */
  function add(): string | undefined {
    if (!paint.value) return undefined
    const id = slug.value
    const made: Paint = {
      ...paint.value,
      id,
      name: about.name.trim() || 'new paint',
      kind: about.kind,
      hazards: [...about.hazards],
      pigments: pigments.value,
      ...(way.value === 'eye' ? { finish: finish.value } : {}),
    }
    if (store.addPaints([recordOf(made)], { [id]: { ml: about.ml, leftMl: about.ml } })) {
      letGo()
      letTold()
    }
    return id
  }
  const neatLab = computed(
    () =>
      readings.neat &&
      (readings.neat.reflectance ? labOf(toRaw(readings.neat.reflectance)) : readings.neat.lab),
  )
  return {
    way,
    about,
    opacity,
    tintStep,
    finish,
    byEye,
    film,
    tint,
    readings,
    paint,
    trouble,
    add,
    neatLab,
  }
}
