import { computed, shallowRef, watch } from 'vue'
import {
  blankCommission,
  bottlesIn,
  labOf,
  labOfTold,
  likeBottles,
  mixPaints,
  opaqueReflectance,
  paintOfTold,
  plainPaint,
  readFigureLink,
  recordOf,
  starterPaints,
  stepKeys,
  stepNames,
  stepOf,
  takeGiven,
} from '../../../core'
import type { Bottle, Lab, LikeBottle, Paint, StepKey } from '../../../core'
import { paintsOfCommission } from '../../stores/paints'
import { useDesk } from '../../stores/desk'
import { useProject } from '../../stores/project/project'
import { useShelf } from '../../stores/shelf/shelf'
import { newId } from '../../vault/newId'

/** A bottle of the sender's comes along as it was told, instead of one of one's own. */
export const ALONG = 'along'
/** The figure gets a commission of its own. */
export const NEW = 'new'
/** A bottle of one's own this near stands for one that was told: its colour in a link is no surer, ΔE00. */
const STANDS_FOR = 2.5
/** So many of one's own bottles are offered for one, the likest. */
const OFFERED = 6

/** A figure that stands in an address, and what it takes to have it here. */
export function useGiven(fragment: () => string) {
  const shelf = useShelf()
  const read = computed(() => readFigureLink(fragment()))
  const given = computed(() => (read.value.ok ? read.value.value : undefined))
  const issues = computed(() => (read.value.ok ? [] : read.value.issues))

  /** Its ladder as it is mixed, dark to light, from bottles as they are told. */
  const steps = computed<{ key: StepKey; name: string; lab: Lab }[]>(() => {
    if (!given.value) return []
    const { figure, puddles, bottles } = given.value
    const told = bottles.map((one): [string, Paint] => [
      one.id,
      plainPaint(labOfTold(one.lab), one.opacity),
    ])
    const paints = new Map([...starterPaints.map((one) => [one.id, one] as const), ...told])
    const parts = new Map(puddles.map((one) => [one.id, one.parts]))
    const places = new Map(puddles.map(({ id }) => [stepOf(figure.id, id), id]))
    return stepKeys.flatMap((key) => {
      const id = places.get(key)
      if (id === undefined) return []
      const mixed = bottlesIn(parts.get(id)!, (of) => parts.get(of))
      const lab = labOf(
        opaqueReflectance(
          mixPaints(mixed.map(({ paint, drops }) => ({ paint: paints.get(paint)!, drops }))),
        ),
      )
      return [{ key, name: stepNames[key], lab }]
    })
  })

  /** Where it goes, and the bottles that are there. */
  const into = shallowRef<string>(NEW)
  const there = shallowRef<readonly Paint[]>(starterPaints)
  const trouble = shallowRef('')
  watch(into, async (id) => {
    trouble.value = ''
    if (id === NEW) return (there.value = starterPaints)
    try {
      const project = await shelf.projectOf(id)
      const paints = paintsOfCommission(project).filter((one) => !project.out.includes(one.id))
      if (into.value === id) there.value = paints
    } catch (error) {
      trouble.value = (error as Error).message
    }
  })
  const like = computed(
    () =>
      new Map<string, LikeBottle[]>(
        (given.value?.bottles ?? []).map((one) => [
          one.id,
          likeBottles(one, there.value).slice(0, OFFERED),
        ]),
      ),
  )
  /** What stands for each told bottle, as it was chosen; the likest that is near, or itself. */
  const chosen = shallowRef<ReadonlyMap<string, string>>(new Map())
  const standsFor = (id: string): string => {
    const own = chosen.value.get(id)
    const [likest] = like.value.get(id) ?? []
    if (own === ALONG || like.value.get(id)?.some((one) => one.id === own)) return own!
    return likest && likest.off <= STANDS_FOR ? likest.id : ALONG
  }
  const choose = (id: string, paint: string): void => {
    chosen.value = new Map(chosen.value).set(id, paint)
  }

  /** Takes it; hands back the commission it is in now. */
  async function take(): Promise<string> {
    const { figure, puddles, bottles } = given.value!
    const along = new Map(
      bottles.filter(({ id }) => standsFor(id) === ALONG).map((one) => [one.id, newId()]),
    )
    const box = bottles.flatMap((one) =>
      along.has(one.id) ? [recordOf(paintOfTold(one, along.get(one.id)!))] : [],
    )
    // Whoever sent it has these; whether one has them oneself is not known.
    const known = Object.fromEntries(box.map(({ id }): [string, Bottle] => [id, { owned: false }]))
    const told = new Set(bottles.map(({ id }) => id))
    const bottleFor = (id: string): string => along.get(id) ?? (told.has(id) ? standsFor(id) : id)
    if (into.value === NEW) {
      const made = takeGiven({ figure, puddles }, [], bottleFor, newId)
      return shelf.add(
        blankCommission(newId(), figure.name, {
          figures: [made.figure],
          figure: made.figure.id,
          puddles: made.puddles,
          ...(box.length > 0 ? { box, bottles: known } : {}),
        }),
      )
    }
    if ((await useDesk().open(into.value)) !== 'opened')
      throw new Error('the commission it should go to could not be opened')
    const store = useProject()
    const made = takeGiven({ figure, puddles }, store.project.puddles ?? [], bottleFor, newId)
    store.takeFigure(made, box, known)
    return into.value
  }
  const nameThere = (id: string): string => there.value.find((one) => one.id === id)?.name ?? id
  const isThere = (id: string): boolean => there.value.some((one) => one.id === id)
  return { given, issues, steps, into, like, nameThere, isThere, standsFor, choose, trouble, take }
}
