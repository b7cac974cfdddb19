import type { KeptTone } from '../../project/commission'
import * as v from 'valibot'
import { baseReflectance } from '../../tone/tone'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import { issuesOf, jsonError } from '../json'
import { keptToneSchema } from '../project/toneSchema'

const schema = v.object({
  format: v.literal('cobaltfinch-tones', 'this is no file of tones; it says "cobaltfinch-tones"'),
  version: v.literal(1, 'this program reads version 1'),
  tones: v.pipe(
    v.array(keptToneSchema),
    v.minLength(1, 'is empty'),
    v.maxLength(200, 'has more than 200 tones'),
  ),
})

/**
 * Reads a file of named tones; all of it or nothing.
 * @example parseTones(formatTones([{ name: 'Bram', tone }])).ok // true
 */
export function parseTones(text: string): ReadResult<KeptTone[]> {
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return jsonError(text, error)
  }
  const result = v.safeParse(schema, data)
  if (!result.success) return refusedFor(issuesOf(result.issues as never))
  for (const [i, { tone }] of result.output.tones.entries())
    try {
      baseReflectance(tone)
    } catch (error) {
      return refused(`tones[${i}].tone`, (error as Error).message)
    }
  return { ok: true, value: result.output.tones }
}
