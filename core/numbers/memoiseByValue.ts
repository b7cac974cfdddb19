/**
 * Remembers what was computed of a value, of so many at a time: models of skin take milliseconds, a search tenths of
 * a second, and both are asked again for every figure of a kind. The result is shared: callers only read it.
 */
export function memoiseByValue<T extends object, R>(
  compute: (of: T) => R,
  most: number,
): (of: T) => R {
  const known = new Map<string, R>()
  return (of) => {
    const key = JSON.stringify(of)
    let result = known.get(key)
    if (result === undefined) {
      if (known.size >= most) known.clear()
      known.set(key, (result = compute(of)))
    }
    return result
  }
}
