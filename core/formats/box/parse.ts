import type { Bottle, OwnPaint } from '../../project/bottle'
import * as v from 'valibot'
import { refused, refusedFor } from '../issues'
import type { ReadResult } from '../issues'
import { mostOf } from '../../project/limits'
import { issuesOf, jsonError } from '../json'
import { id } from '../fields'
import { bottleSchema, ownPaintSchema } from './schema'

const schema = v.object({
  format: v.literal('cobaltfinch-box', 'this is no box file; it says "cobaltfinch-box"'),
  version: v.literal(1, 'this program reads version 1'),
  paints: v.pipe(
    v.array(ownPaintSchema),
    v.maxLength(mostOf.paints, `has more than ${mostOf.paints} paints`),
  ),
  bottles: v.record(id, bottleSchema),
})

export interface Box {
  paints: OwnPaint[]
  bottles: Record<string, Bottle>
}

/**
 * Reads a box file: paints with their curves, and bottles by paint. All of it or nothing.
 * @example parseBox(formatBox({ paints: [recordOf(ochre)], bottles: {} })).ok // true
 */
export function parseBox(text: string): ReadResult<Box> {
  let data: unknown
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''))
  } catch (error) {
    return jsonError(text, error)
  }
  const result = v.safeParse(schema, data)
  if (!result.success) return refusedFor(issuesOf(result.issues as never).slice(0, 12))
  const { paints, bottles } = result.output
  const twice = paints.find(({ id }, i) => paints.findIndex((one) => one.id === id) !== i)
  if (twice) return refused('paints', `"${twice.id}" is used twice`)
  return { ok: true, value: { paints, bottles } }
}

/** @example formatBox({ paints: [recordOf(ochre)], bottles: {} }).includes('yellow-ochre') // true */
export const formatBox = ({ paints, bottles }: Box): string =>
  JSON.stringify({ format: 'cobaltfinch-box', version: 1, paints, bottles }, null, 2) + '\n'
