import { failureWords } from '../../words/failure'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { freshEye, mergeEyes, skillKeys, thresholdFor } from '../../../core'
import type { EyeAnswer, EyeRecord, Skill, Threshold } from '../../../core'
import { keepEye, noteEye, readEye } from '../../vault/eye'
import { newId } from '../../vault/newId'
import { pause } from '../../workers/inSlices'

/** Answers of a skill that say enough for it to be relied on. */
const ENOUGH = 30
/** An eye is told a tolerance of this at least, ΔE00: no mix is nearer than its drops let it. */
const FINEST = 0.5

/** What the painter's eye has answered, over all commissions, and what it tells apart. */
export const useEye = defineStore('eye', () => {
  const record = shallowRef<EyeRecord>(freshEye())
  const trouble = shallowRef('')
  const ready = shallowRef(false)
  let keeping: Promise<void> = Promise.resolve()

  /** Answers that are not stored yet. */
  let unstored: readonly EyeAnswer[] = []
  /** One writing after the other; what another tab has answered comes back with it. */
  function keep(): Promise<void> {
    noteEye({ ...record.value, answers: [...unstored] })
    keeping = keeping.then(async () => {
      try {
        const sent = record.value
        record.value = mergeEyes(record.value, await keepEye(sent))
        const there = new Set(sent.answers)
        unstored = unstored.filter((one) => !there.has(one))
        const all = unstored.length === 0 && sent.settings === record.value.settings
        noteEye(all ? undefined : { ...record.value, answers: [...unstored] })
        trouble.value = ''
      } catch (error) {
        trouble.value = `This browser would not store the answers (${failureWords(error)}). They count as long as this page is open.`
      }
    })
    return keeping
  }
  let reading: Promise<void> | undefined
  const look = (): Promise<void> =>
    (reading ??= readEye().then(
      async (kept) => {
        record.value = mergeEyes({ ...record.value, settings: kept.settings }, kept)
        // Worked out one by one, so that nothing holds the page when they are shown.
        for (const skill of skillKeys) {
          thresholdFor(skill, record.value.answers)
          await pause()
        }
        ready.value = true
      },
      (error: unknown) => {
        trouble.value = `This browser gives no storage (${failureWords(error)}).`
        ready.value = true
      },
    ))

  void look()

  const answers = computed(() => record.value.answers)
  const settings = computed(() => record.value.settings)
  const many = (skill: Skill): number =>
    answers.value.reduce((sum, one) => sum + Number(one.skill === skill), 0)

  /** What this eye sees, edge to edge, ΔE00, once it has answered often enough and where the painter wants it to count. */
  const tolerance = computed<number | undefined>(() => {
    if (!settings.value.tolerance || many('same') < ENOUGH) return undefined
    const seen: Threshold = thresholdFor('same', answers.value)
    return Math.max(FINEST, Math.round(seen.threshold * 10) / 10)
  })

  return {
    answers,
    settings,
    trouble,
    ready,
    look,
    many,
    tolerance,
    hues: computed(() => !settings.value.withoutHues),
    answer(given: Omit<EyeAnswer, 'id' | 'at'>): Promise<void> {
      const one: EyeAnswer = { ...given, id: newId(), at: Date.now() }
      unstored = [...unstored, one]
      record.value = { ...record.value, answers: [...record.value.answers, one] }
      return keep()
    },
    set(change: Partial<EyeRecord['settings']>): Promise<void> {
      record.value = { ...record.value, settings: { ...settings.value, ...change } }
      return keep()
    },
  }
})
export const ENOUGH_ANSWERS = ENOUGH
