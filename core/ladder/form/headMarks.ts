/** A place on a form, thousandths of a unit: x right, y up, z toward the eye. */
export type Mark = readonly [number, number, number]

/**
 * Where places of life lie on a head, on its left side and in the middle: what the face was made from, moved as it was
 * moved. Lines go from the middle outward.
 */
export interface HeadMarks {
  /** Borders of the red on the skin, and where the lips meet. */
  upperLip: readonly Mark[]
  lowerLip: readonly Mark[]
  meet: readonly Mark[]
  /** The rim of the eye's opening, round, and the middle of its ball. */
  eye: readonly Mark[]
  ball: Mark
  tip: Mark
  wing: Mark
  subnasale: Mark
  forehead: Mark
  hairline: Mark
  cheek: Mark
  /** From under the ear to the chin. */
  jaw: readonly Mark[]
  temple: readonly Mark[]
  scar: readonly Mark[]
  throat: Mark
  neck: Mark
  /** From the root of the ear to its end, and how wide it is there. */
  ear: readonly (readonly [number, number, number, number])[]
  /** From root to point of what stands out of the lip. */
  tusk?: readonly (readonly [number, number, number, number])[]
}
