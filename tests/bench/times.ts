/** Milliseconds that something takes. */
export function msOf(run: () => void): number {
  const start = performance.now()
  run()
  return performance.now() - start
}

export const sorted = (values: readonly number[]): number[] => [...values].sort((a, b) => a - b)
export const median = (values: readonly number[]): number => sorted(values)[values.length >> 1]!
