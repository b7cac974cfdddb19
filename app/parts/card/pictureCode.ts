import { generate } from 'lean-qr'

/** Text as a picture code (ISO/IEC 18004) with the white edge that scanners want, row by row, true where it is dark. */
export function pictureCode(text: string): boolean[][] {
  const code = generate(text)
  const [edge, side] = [4, code.size + 8]
  return Array.from({ length: side }, (_, y) =>
    Array.from({ length: side }, (_, x) => code.get(x - edge, y - edge)),
  )
}
