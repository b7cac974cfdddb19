/** Choices that are called what they are. */
export const asOptions = <Key extends string | number>(
  keys: readonly Key[],
): { key: Key; name: string }[] => keys.map((key) => ({ key, name: String(key) }))
