const fractions: readonly [number, string][] = [
  [0, ''],
  [0.1, '⅒'],
  [0.25, '¼'],
  [0.5, '½'],
  [0.75, '¾'],
  [1, ''],
]

/** Drops as a painter counts them: to the quarter while few, whole when many. */
export function amountWords(drops: number, withUnit = true): string {
  const many = drops >= 12 && Math.abs(drops - Math.round(drops)) > 1e-6 ? Math.round(drops) : drops
  const whole = Math.floor(many + 1e-6)
  const rest = many - whole
  const [near, sign] = fractions.reduce((best, one) =>
    Math.abs(one[0] - rest) < Math.abs(best[0] - rest) ? one : best,
  )
  const count = near === 1 ? `${whole + 1}` : `${whole || !sign ? whole : ''}${sign}`
  if (!withUnit) return count
  return `${count} ${many > 1.001 || many < 0.001 ? 'drops' : 'drop'}`
}

const shares: readonly [number, string][] = [
  [1 / 6, 'a sixth'],
  [1 / 5, 'a fifth'],
  [1 / 4, 'a quarter'],
  [1 / 3, 'a third'],
  [2 / 5, 'two fifths'],
  [1 / 2, 'half'],
  [3 / 5, 'three fifths'],
  [2 / 3, 'two thirds'],
  [3 / 4, 'three quarters'],
  [4 / 5, 'four fifths'],
]

/** A share of a puddle as the eye can split it, "about" when it is not quite that. */
export function shareWords(share: number): string {
  if (share < 0.12) return `a ${Math.round(1 / share)}th`
  const [near, words] = shares.reduce((best, one) =>
    Math.abs(one[0] - share) < Math.abs(best[0] - share) ? one : best,
  )
  return Math.abs(near - share) < 0.02 ? words : `about ${words}`
}
