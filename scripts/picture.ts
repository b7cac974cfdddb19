import { mkdirSync, writeFileSync } from 'node:fs'
import { baseReflectance, keyVector, rgbOfLab, labOf, flatSpectrum } from '../core'
import { marks } from '../core/ladder/form/marks'
import { raysOf } from './forms/rays'
import type { Lab, SkinTone } from '../core'
import { DEMO_PICTURE, lowTide } from '../demo/lowTide'
import { png } from '../tests/fixtures/pictures'

/**
 * The picture that comes with the demo: its ferrywoman as a camera would see her, drawn from our own form and skin
 * model by walking along each ray to the surface; light from a window, a grey card beside her.
 */
const [WIDTH, HEIGHT] = [480, 600]
const { met, reaches } = await raysOf('woman')
const isaura = lowTide([]).figures[0]!.tone as SkinTone
const key = keyVector({ azimuth: -48, elevation: 38 })

type Vec = readonly [number, number, number]
/** Blood by place: cheeks, nose and lips have more, the forehead less. */
function toneAt([x, y]: Vec): SkinTone {
  const near = (cx: number, cy: number, r: number): number =>
    Math.exp(-((Math.abs(x) - cx) ** 2 + (y - cy) ** 2) / (r * r))
  const { cheek, tip, meet } = marks.woman
  const more =
    0.9 * near(cheek[0] / 1000, cheek[1] / 1000, 0.12) +
    0.9 * near(0, tip[1] / 1000, 0.08) +
    1.6 * near(0, meet[0]![1] / 1000, 0.07)
  const step = Math.round(24 * more) / 24
  return { ...isaura, blood: Math.min(0.12, isaura.blood * (0.8 + step)) }
}
const labs = new Map<number, Lab>()
const labFor = (tone: SkinTone): Lab => {
  const known = labs.get(tone.blood)
  if (known) return known
  const made = labOf(baseReflectance(tone))
  labs.set(tone.blood, made)
  return made
}
const grey = labOf(flatSpectrum(0.2))
const wall = { L: 34, a: -1, b: -4 }

/** A colour under so much light, a little warmer where the light is strong. */
function lit({ L, a, b }: Lab, level: number): readonly [number, number, number] {
  const y = ((L + 16) / 116) ** 3 * level
  const f = Math.cbrt(Math.max(0.0002, y))
  const scale = (116 * f) / (L + 16)
  const [r, g, blue] = rgbOfLab({
    L: 116 * f - 16,
    a: a * scale + 0.6 * level,
    b: b * scale + 1.5 * level,
  })
  const byte = (v: number): number => Math.round(255 * Math.max(0, Math.min(1, v)))
  return [byte(r), byte(g), byte(blue)]
}
function colourAt(px: number, py: number): readonly [number, number, number] {
  const u = ((px + 0.5) / WIDTH - 0.5) * 1.7
  const v = (0.5 - (py + 0.5) / HEIGHT) * 2.12
  if (px > WIDTH - 96 && px < WIDTH - 22 && py > HEIGHT - 120 && py < HEIGHT - 22)
    return lit(grey, 0.95)
  const seen = met(u, v)
  if (!seen) return lit(wall, 0.5 + 0.35 * (1 - px / WIDTH))
  const { at, n, occlusion } = seen
  const lambert = Math.max(0, n[0] * key[0] + n[1] * key[1] + n[2] * key[2])
  const shade = lambert > 0 ? reaches(seen, key) : 0
  const sky = 0.5 + 0.5 * n[1]
  const open = Math.max(0.25, 1 - occlusion)
  return lit(labFor(toneAt(at)), 0.9 * lambert * shade + 0.22 * open * (0.4 + 0.6 * sky))
}
mkdirSync('public/demo', { recursive: true })
const file = png(WIDTH, HEIGHT, colourAt)
writeFileSync(`public/demo/${DEMO_PICTURE}.png`, file)
console.log(`${Math.round(file.length / 1024)} kB`)
