/** The greatest whole number that divides both; of 0 and a number, that number. */
export const gcd = (one: number, other: number): number =>
  other === 0 ? one : gcd(other, one % other)
