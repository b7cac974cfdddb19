import { defineStore } from 'pinia'
import { computed, markRaw, shallowRef } from 'vue'
import {
  deltaE00,
  dueSkills,
  makeExercise,
  nextSkill,
  seeded,
  skillKeys,
  skinAt,
  staircaseOf,
} from '../../../core'
import type { Exercise, EyeAnswer, EyeWorld, Skill } from '../../../core'
import { targetsOfFigure } from '../ladder/plan'
import { useProject } from '../project/project'
import { useEye } from './eye'

const MINUTE_MS = 60_000
/** A session is as long as this. */
export const SESSION_MIN = 10
/** Fewer bottles than these make no questions; the whole box is asked about then. */
const FEWEST = 8
/** Skins that are asked about where there is no figure yet. */
const USUAL_SKINS = [0.1, 0.3, 0.5, 0.7, 0.95]

/** How an exercise was answered. */
export interface Given {
  answer: number | readonly number[] | { across: number; up: number }
  right?: boolean
  /** How far off, in the unit of the skill. */
  off?: number
}

/** What is asked now, and how it was answered: ten minutes of what is due, or one skill by itself. */
export const useEyeSession = defineStore('eye session', () => {
  const eye = useEye()
  const store = useProject()
  const exercise = shallowRef<Exercise>()
  const given = shallowRef<Given>()
  const trouble = shallowRef('')
  const asked = shallowRef<readonly Skill[]>([])
  const answered = shallowRef(0)
  const right = shallowRef(0)
  const endsAt = shallowRef(0)
  let only: Skill | undefined
  let chance = seeded(1)

  const world = computed<EyeWorld>(() => {
    const table = store.onTable.length >= FEWEST ? store.onTable : store.paintsIn
    const tones = store.figures.flatMap((figure) =>
      targetsOfFigure(figure).map(({ target }) => target),
    )
    return markRaw({
      paints: table,
      tones: tones.length > 0 ? tones : USUAL_SKINS.map((across) => skinAt(across, 0.5).lab),
    })
  })

  function ask(skill: Skill): Exercise | undefined {
    const level = staircaseOf(skill, eye.answers).next(chance())
    return makeExercise(skill, world.value, { level, hues: eye.hues }, chance)
  }
  /** Skills that were tried in vain count as asked, so that others come. */
  function next(): void {
    given.value = undefined
    for (let tries = 0; tries < skillKeys.length; tries++) {
      const due = dueSkills(eye.answers, Date.now(), eye.hues)
      const skill = only ?? nextSkill(due, asked.value, chance)
      asked.value = [...asked.value, skill]
      const made = ask(skill)
      if (made) {
        exercise.value = markRaw(made)
        trouble.value = ''
        return
      }
      if (only) break
    }
    exercise.value = undefined
    trouble.value =
      'These bottles and this screen cannot show such a difference. More bottles on the table, or in the box, make more questions.'
  }
  /** @param skill that one alone; what is due when not given. */
  function start(skill?: Skill): void {
    only = skill
    chance = seeded(Date.now())
    asked.value = []
    answered.value = 0
    right.value = 0
    endsAt.value = Date.now() + SESSION_MIN * MINUTE_MS
    next()
  }
  function stop(): void {
    exercise.value = undefined
    given.value = undefined
  }

  async function keep(skill: Skill, made: Given, level?: number): Promise<void> {
    given.value = made
    answered.value++
    if (made.right) right.value++
    const said: Omit<EyeAnswer, 'id' | 'at'> = { skill }
    if (made.off === undefined) Object.assign(said, { level, right: made.right })
    else said.off = made.off
    await eye.answer(said)
  }
  /** Answers what is asked: a place among the options, all of them in order, doublings, or a place on the field. */
  async function answer(said: Given['answer']): Promise<void> {
    const one = exercise.value
    if (!one || given.value) return
    if (one.kind === 'pick')
      await keep(one.skill, { answer: said, right: said === one.right }, one.level)
    else if (one.kind === 'order') {
      const same = (said as readonly number[]).every((at, i) => at === one.order[i])
      await keep(one.skill, { answer: said, right: same }, one.level)
    } else if (one.kind === 'slide')
      await keep(one.skill, { answer: said, off: (said as number) - one.truth })
    else {
      const { across, up } = said as { across: number; up: number }
      const off = deltaE00(skinAt(across, up).lab, one.shown[0]!)
      await keep(one.skill, { answer: said, off })
    }
  }
  return {
    exercise,
    given,
    trouble,
    answered,
    right,
    endsAt,
    world,
    start,
    next,
    stop,
    answer,
  }
})
