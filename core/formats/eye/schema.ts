import * as v from 'valibot'
import { skillKeys } from '../../eye/skills'
import type { Skill } from '../../eye/skills'

/** So many answers are kept, the newest. */
export const MOST_ANSWERS = 20_000

const answerSchema = v.object({
  id: v.pipe(v.string(), v.regex(/^[\w-]{1,40}$/)),
  at: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(8.64e15)),
  skill: v.picklist(skillKeys as [Skill, ...Skill[]]),
  level: v.optional(v.pipe(v.number(), v.minValue(0), v.maxValue(1000))),
  right: v.optional(v.boolean()),
  off: v.optional(v.pipe(v.number(), v.minValue(-1000), v.maxValue(1000))),
})

/** How an eye wants to be asked, and what it wants of its answers. */
const settingsSchema = v.object({
  /** Hues are not asked about. */
  withoutHues: v.optional(v.boolean()),
  /** What this eye sees is the painter's tolerance. */
  tolerance: v.optional(v.boolean()),
})

export const eyeSchema = v.object({
  format: v.literal('cobaltfinch-eye', 'this is no file of an eye; it says "cobaltfinch-eye"'),
  version: v.literal(1),
  answers: v.pipe(v.array(answerSchema), v.maxLength(MOST_ANSWERS)),
  settings: settingsSchema,
})
/** What is kept of an eye: its answers, oldest first. */
export type EyeRecord = v.InferOutput<typeof eyeSchema>
