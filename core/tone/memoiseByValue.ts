/** More tones than any commission has figures and places of life. */
const MOST = 600

/**
 * Remembers what was computed of a tone; models of skin and hide take milliseconds and are asked
 * again for every figure of a kind. The result is shared: callers only read it.
 */
export function memoiseByValue<T extends object, R>(compute: (of: T) => R): (of: T) => R {
  const known = new Map<string, R>()
  return (of) => {
    const key = JSON.stringify(of)
    let result = known.get(key)
    if (result === undefined) {
      if (known.size >= MOST) known.clear()
      known.set(key, (result = compute(of)))
    }
    return result
  }
}
