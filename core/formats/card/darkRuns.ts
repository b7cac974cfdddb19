/** Signs of a picture code that lie dark side by side in a row. */
export interface DarkRun {
  row: number
  from: number
  long: number
}

/**
 * The dark signs of a picture code as few long boxes.
 * @example darkRuns([[true, true, false, true]]).length // 2
 */
export const darkRuns = (dark: readonly (readonly boolean[])[]): DarkRun[] =>
  dark.flatMap((signs, row) => {
    const runs: DarkRun[] = []
    signs.forEach((is, at) => {
      const last = runs.at(-1)
      if (!is) return
      if (last && last.from + last.long === at) last.long++
      else runs.push({ row, from: at, long: 1 })
    })
    return runs
  })
