/** @example dropsIn([{ drops: 3 }, { drops: 1 }]) // 4 */
export const dropsIn = (parts: readonly { drops: number }[]): number =>
  parts.reduce((sum, { drops }) => sum + drops, 0)
