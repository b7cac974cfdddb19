import { dequal } from 'dequal/lite'
import { keyed } from './keyed'

/** A place of plain data and what stands there instead; `add` where nothing was, `remove` where nothing is. */
export interface Difference {
  op: 'add' | 'remove' | 'replace'
  path: (string | number)[]
  value?: unknown
}

const isObject = (one: unknown): one is Record<string, unknown> =>
  typeof one === 'object' && one !== null

function walk(from: unknown, to: unknown, path: (string | number)[], found: Difference[]): void {
  if (from === to || dequal(from, to)) return
  if (Array.isArray(from) && Array.isArray(to)) return lists(from, to, path, found)
  if (isObject(from) && isObject(to) && !Array.isArray(from) && !Array.isArray(to)) {
    for (const key of new Set([...Object.keys(from), ...Object.keys(to)]))
      if (to[key] === undefined) {
        if (from[key] !== undefined) found.push({ op: 'remove', path: [...path, key] })
      } else if (from[key] === undefined)
        found.push({ op: 'add', path: [...path, key], value: to[key] })
      else walk(from[key], to[key], [...path, key], found)
    return
  }
  found.push({ op: 'replace', path, value: to })
}

/** Things with ids that stand where they stood, and others after them; any other list as a whole. */
function lists(from: unknown[], to: unknown[], path: (string | number)[], found: Difference[]) {
  const [had, has] = [keyed(from), keyed(to)]
  const keys = has && [...has.keys()]
  if (!had || !keys || [...had.keys()].some((key, i) => keys[i] !== key)) {
    found.push({ op: 'replace', path, value: to })
    return
  }
  from.forEach((one, i) => walk(one, to[i], [...path, i], found))
  for (let i = from.length; i < to.length; i++)
    found.push({ op: 'add', path: [...path, i], value: to[i] })
}

/**
 * What has to be written, and where, to make one state of a commission of another (as JSON Patch has it, RFC 6902).
 * What is not named may stay as it is.
 * @example differences({ name: 'Ebb' }, { name: 'Low Tide' }) // [{ "op": "replace", "path": ["name"], "value": "Low Tide" }]
 */
export function differences(from: unknown, to: unknown): Difference[] {
  const found: Difference[] = []
  walk(from, to, [], found)
  return found
}
