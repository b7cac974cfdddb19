/** spectral.js ships no types; only what the benchmark calls. */
declare module 'spectral.js' {
  export class Color {
    constructor(rgb: [number, number, number])
    readonly OKLab: number[]
  }
  export function mix(...parts: (readonly [Color, number])[]): Color
}
