import { adapt } from '../../colour/bradford'
import { DISPLAY_WHITE, linearRgbOfXyz } from '../../colour/display'
import { labOfXyz } from '../../colour/lab'
import { BANDS, wavelengthsNm } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import type { XYZ } from '../../colour/white'
import { throughFilm } from '../../paint/kubelkaFilm'
import { checkSkin, dermisInside, epidermisAt, throughSurface } from '../skin'
import type { Skin } from '../skin'
import { skinOf } from '../tone'
import type { SkinTone } from '../tone'
import { typologyAngle } from '../typology'
import { valueOnAxis } from './axes'
import { byteOfLinear } from './encodeTable'

/** Nodes along each axis; so many keep the picture within 1/255 of the exact colours. */
export const NODES = 33

/** What stays the same over the whole field, a state of health or weather included. */
export type FieldSkin = Omit<SkinTone, 'kind' | 'melanin' | 'blood'>

export interface SkinField {
  width: number
  height: number
  /** RGBA, rows from little melanin to much, blood growing to the right. */
  pixels: Uint8ClampedArray
  /** Typology angle at the nodes, degrees, NODES × NODES, rows as above. */
  angles: Float64Array
}

/** Linear sRGB and typology angle at every node; the layers are prepared once a row and a column. */
function nodes(common: FieldSkin): { rgb: Float64Array; angles: Float64Array } {
  const rgb = new Float64Array(3 * NODES * NODES)
  const angles = new Float64Array(NODES * NODES)
  const places = Array.from({ length: NODES }, (_, i) => i / (NODES - 1))
  const { x, y, z, white } = weightsOf()
  // Own names, as these run once a node, band and path.
  const lay = throughFilm
  const seenOf = throughSurface
  const bands = BANDS
  // A state changes melanin and depth apart from blood and oxygen, so the layers stay apart too.
  const skinAt = (row: number, column: number): Skin =>
    skinOf({
      kind: 'skin',
      ...common,
      melanin: valueOnAxis('melanin', places[row]!),
      blood: valueOnAxis('blood', places[column]!),
    })
  checkSkin(skinAt(0, 0))
  const dermis = places.map((_, column) =>
    wavelengthsNm.map((_, band) => dermisInside(skinAt(0, column), band)),
  )
  for (let row = 0; row < NODES; row++) {
    const epidermis = wavelengthsNm.map((_, band) => epidermisAt(skinAt(row, 0), band))
    for (let column = 0; column < NODES; column++) {
      const under = dermis[column]!
      const xyz: XYZ = [0, 0, 0]
      for (let i = 0; i < bands; i++) {
        const { K, S, paths } = epidermis[i]!
        let inside = 0
        for (const { share, tau } of paths) inside += share * lay(tau, K, S, under[i]!)
        const seen = seenOf(inside)
        xyz[0] += x[i]! * seen
        xyz[1] += y[i]! * seen
        xyz[2] += z[i]! * seen
      }
      const at = row * NODES + column
      angles[at] = typologyAngle(labOfXyz(xyz, white))
      rgb.set(linearRgbOfXyz(adapt(xyz, white, DISPLAY_WHITE)), 3 * at)
    }
  }
  return { rgb, angles }
}

/**
 * The field of real skins: melanin down, blood across, every pixel a computed colour. A table of
 * 33 × 33 skins is interpolated in linear sRGB.
 * @throws RangeError when the size is not a whole number of pixels from 2 to 4096.
 * @example skinField({ oxygenation: 0.75, carotene: 10 }, 8, 6).pixels.length // 192
 */
export function skinField(skin: FieldSkin, width: number, height: number): SkinField {
  for (const size of [width, height])
    if (!(Number.isInteger(size) && size >= 2 && size <= 4096))
      throw new RangeError(`a field of ${width} × ${height}; allowed is 2 to 4096 pixels a side`)
  const { rgb, angles } = nodes(skin)
  const pixels = new Uint8ClampedArray(4 * width * height)
  const line = new Float64Array(3 * NODES)
  const byteOf = byteOfLinear
  for (let y = 0, out = 0; y < height; y++) {
    const down = (y / (height - 1)) * (NODES - 1)
    const row = Math.min(NODES - 2, Math.floor(down))
    const part = down - row
    const above = 3 * row * NODES
    for (let i = 0; i < 3 * NODES; i++)
      line[i] = (1 - part) * rgb[above + i]! + part * rgb[above + 3 * NODES + i]!
    for (let x = 0; x < width; x++, out += 4) {
      const across = (x / (width - 1)) * (NODES - 1)
      const left = Math.min(NODES - 2, across | 0)
      const t = across - left
      const at = 3 * left
      pixels[out] = byteOf(line[at]! + t * (line[at + 3]! - line[at]!))
      pixels[out + 1] = byteOf(line[at + 1]! + t * (line[at + 4]! - line[at + 1]!))
      pixels[out + 2] = byteOf(line[at + 2]! + t * (line[at + 5]! - line[at + 2]!))
      pixels[out + 3] = 255
    }
  }
  return { width, height, pixels, angles }
}
