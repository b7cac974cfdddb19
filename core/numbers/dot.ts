/** Sum of products, number by number. */
export function dot(one: ArrayLike<number>, other: ArrayLike<number>): number {
  let sum = 0
  for (let i = 0; i < one.length; i++) sum += one[i]! * other[i]!
  return sum
}
