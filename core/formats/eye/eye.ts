import * as v from 'valibot'
import { refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import { issuesOf, jsonError } from '../json'
import { eyeSchema, MOST_ANSWERS } from './schema'
import type { EyeRecord } from './schema'

/**
 * An eye that has answered nothing yet.
 * @example freshEye().answers.length // 0
 */
export const freshEye = (): EyeRecord => ({
  format: 'cobaltfinch-eye',
  version: 1,
  answers: [],
  settings: {},
})

/** @example formatEye(freshEye()).includes('cobaltfinch-eye') // true */
export const formatEye = (eye: EyeRecord): string => JSON.stringify(eye)

/**
 * What an eye's file holds.
 * @returns what is wrong with it by place otherwise.
 * @example parseEye(formatEye(freshEye())).ok // true
 */
export function parseEye(text: string): ReadResult<EyeRecord> {
  let data: unknown
  try {
    data = JSON.parse(text)
  } catch (error) {
    return jsonError(text, error)
  }
  const read = v.safeParse(eyeSchema, data, { abortEarly: true })
  return read.success ? { ok: true, value: read.output } : refusedFor(issuesOf(read.issues))
}

/**
 * Two records of one eye put together: every answer once, oldest first; the settings are of the first.
 * @example mergeEyes(freshEye(), freshEye()).answers.length // 0
 */
export function mergeEyes(mine: EyeRecord, theirs: EyeRecord): EyeRecord {
  const known = new Set(mine.answers.map(({ id }) => id))
  const more = theirs.answers.filter(({ id }) => !known.has(id))
  if (more.length === 0) return mine
  const answers = [...mine.answers, ...more].sort((one, other) => one.at - other.at)
  return { ...mine, answers: answers.slice(-MOST_ANSWERS) }
}
