import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { forms } from '../../core'
import type { FormKey, Mesh } from '../../core'
import { marks } from '../../core/ladder/form/marks'
import { lifeAt, lifeZones } from '../../core/ladder/form/lifeZones'
import type { FormDrawing } from '../../app/stores/formDrawing'
import { formMesh } from '../fixtures/formMesh'
import { thorough } from '../thorough'

type Head = keyof typeof marks
/** Heads of grown people; a child and creatures are meant to be otherwise. */
const grown: readonly Head[] = ['head', 'woman', 'old', 'crone', 'heavy', 'gaunt']
const heads = Object.keys(marks) as Head[]
const meshes = new Map(
  await Promise.all(
    (Object.keys(forms) as FormKey[]).map(async (key) => [key, await formMesh(key)] as const),
  ),
)
const far = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(...a.map((v, i) => v - b[i]!))
const points = ({ positions }: Mesh): number[][] =>
  Array.from({ length: positions.length / 3 }, (_, p) => [...positions.slice(3 * p, 3 * p + 3)])

it.each(grown)('%s has the proportions of faces that were measured', (key) => {
  const { upperLip, eye, wing, subnasale, hairline, jaw, ball } = marks[key]
  const nasion = { y: (ball[1] + eye[0]![1]) / 2 + 30 }
  const [menton, corner] = [jaw.at(-1)!, upperLip.at(-1)!]
  const inner = eye.reduce((a, b) => (b[0] < a[0] ? b : a))
  const outer = eye.reduce((a, b) => (b[0] > a[0] ? b : a))
  const [between, long] = [2 * inner[0], far(inner, outer)]
  const nose = nasion.y - subnasale[1]
  const lower = subnasale[1] - menton[1]
  const ratios: Record<string, readonly [number, number, number]> = {
    // Farkas, Anthropometry of the Head and Face (1994), means of young men and women and three standard deviations, all
    // from memory; by ratios, since a form has no millimetres.
    'lower face to face': [lower / (lower + nose), 0.5, 0.65],
    'width of the nose to between the eyes': [(2 * wing[0]) / between, 0.8, 1.3],
    'width of the mouth to the nose': [corner[0] / wing[0], 1.2, 1.8],
    'an eye to between the eyes': [long / between, 0.66, 1.2],
    'width of the mouth to the lower face': [(2 * corner[0]) / lower, 0.55, 0.95],
    // Neoclassical canon (Farkas et al. 1985, from memory): the face in thirds, within a quarter of each.
    'brow to hairline, to the nose': [(hairline[1] - nasion.y) / nose, 0.75, 1.4],
  }
  for (const [name, [found, least, most]] of Object.entries(ratios)) {
    expect(found, name).toBeGreaterThan(least)
    expect(found, name).toBeLessThan(most)
  }
})

it.each(grown)('%s has a skull, ears and neck as heads have', (key) => {
  const mesh = meshes.get(key)!
  const { ball, subnasale, hairline, jaw } = marks[key]
  const all = points(mesh)
  const ear = lifeAt(
    lifeZones[key].find((one) => one.key === 'ear')!,
    mesh.positions,
  )
  const extent = (axis: number, where: (p: number[], i: number) => boolean): [number, number] => {
    const along = all.filter(where).map((p) => p[axis]!)
    return [Math.min(...along), Math.max(...along)]
  }
  const above = ball[1] / 1000 + 0.12
  const wide = extent(0, ([, y], i) => y! > above && ear[i]! < 0.05)
  const deep = extent(2, ([x, y]) => Math.abs(x!) < 0.1 && y! > ball[1] / 1000 && y! < above + 0.1)
  // Cephalic index of 0.7 to 0.9 (Retzius; dolicho- to brachycephalic).
  const index = (wide[1] - wide[0]) / (deep[1] - deep[0])
  expect(index).toBeGreaterThan(0.66)
  expect(index).toBeLessThan(0.9)
  // The eyes lie half way between crown and chin (canon), within a tenth of the head.
  const crown = extent(1, () => true)[1]
  const chin = jaw.at(-1)![1] / 1000
  expect(Math.abs((ball[1] / 1000 - chin) / (crown - chin) - 0.5)).toBeLessThan(0.1)
  // Ears from the brow to the base of the nose, leaning back (Farkas: 20 ± 6 degrees, from memory).
  const own = all.filter((p, i) => ear[i]! > 0.9 && Math.abs(p[0]!) > wide[1] + 0.02)
  const [low, high] = [Math.min(...own.map((p) => p[1]!)), Math.max(...own.map((p) => p[1]!))]
  expect(Math.abs(low - subnasale[1] / 1000)).toBeLessThan(0.12)
  expect(Math.abs(high - (ball[1] / 1000 + 0.09))).toBeLessThan(0.12)
  const mean = (list: number[][], axis: number): number =>
    list.reduce((sum, p) => sum + p[axis]!, 0) / list.length
  const [bottom, top] = [
    own.filter((p) => p[1]! < low + 0.25 * (high - low)),
    own.filter((p) => p[1]! > high - 0.25 * (high - low)),
  ]
  const lean = Math.atan2(mean(bottom, 2) - mean(top, 2), mean(top, 1) - mean(bottom, 1))
  expect((lean * 180) / Math.PI).toBeGreaterThan(5)
  expect((lean * 180) / Math.PI).toBeLessThan(40)
  // A neck is narrower than the head it carries, and wider than half of it.
  const neck = extent(0, ([, y, z]) => Math.abs(y! - (chin - 0.16)) < 0.03 && z! < 0.25)
  expect((neck[1] - neck[0]) / (wide[1] - wide[0])).toBeGreaterThan(0.5)
  expect((neck[1] - neck[0]) / (wide[1] - wide[0])).toBeLessThan(1.15)
  expect(hairline[1] / 1000).toBeLessThan(crown)
})

const looked: readonly FormKey[] = thorough
  ? [...heads, 'drake', 'newt']
  : ['woman', 'tusked', 'drake']
it.each(looked)('%s is closed, turned outward, without needles or spikes', (key) => {
  const { positions, normals, triangles } = meshes.get(key)!
  const at = (p: number): number[] => [0, 1, 2].map((k) => positions[3 * p + k]!)
  const edges = new Map<number, number>()
  const size = positions.length / 3
  let [needles, flipped] = [0, 0]
  for (let t = 0; t < triangles.length; t += 3) {
    const three = [0, 1, 2].map((k) => triangles[t + k]!)
    three.forEach((a, k) => {
      const edge = a * size + three[(k + 1) % 3]!
      edges.set(edge, (edges.get(edge) ?? 0) + 1)
    })
    const [a, b, c] = three.map(at) as [number[], number[], number[]]
    const [u, v] = [b.map((x, i) => x - a[i]!), c.map((x, i) => x - a[i]!)]
    const n = [
      u[1]! * v[2]! - u[2]! * v[1]!,
      u[2]! * v[0]! - u[0]! * v[2]!,
      u[0]! * v[1]! - u[1]! * v[0]!,
    ]
    const longest = Math.max(far(a, b), far(b, c), far(c, a))
    if (Math.hypot(...n) / longest ** 2 < 0.03) needles++
    const facing = three.reduce(
      (sum, p) => sum + n.reduce((all, x, i) => all + x * normals[3 * p + i]!, 0),
      0,
    )
    if (facing < 0) flipped++
  }
  // Every edge has the one beside it, the other way round, and nothing else; simplifying may leave a few that do not.
  let torn = 0
  for (const [edge, times] of edges)
    if (times > 1 || !edges.has((edge % size) * size + Math.floor(edge / size))) torn++
  expect(torn / edges.size).toBeLessThan(2e-4)
  const whole = triangles.length / 3
  expect(whole).toBeGreaterThan(20_000)
  expect(whole).toBeLessThan(40_000)
  expect(needles / whole).toBeLessThan(0.01)
  // In the fold between the lips and under lids the surface's normal is that of its other side.
  expect(flipped / whole).toBeLessThan(0.01)
  // A point lies near the plane of those round it, but where lids, lips, nostrils and rims of ears are sharp.
  const sums = new Float64Array(4 * size)
  for (const edge of edges.keys()) {
    const [a, b] = [Math.floor(edge / size), edge % size]
    at(b).forEach((v, i) => (sums[4 * a + i]! += v))
    sums[4 * a + 3]! += far(at(a), at(b))
  }
  const valence = new Uint16Array(size)
  for (const edge of edges.keys()) valence[Math.floor(edge / size)]!++
  let spikes = 0
  for (let p = 0; p < size; p++) {
    const off = at(p).reduce(
      (sum, v, i) => sum + (sums[4 * p + i]! / valence[p]! - v) * normals[3 * p + i]!,
      0,
    )
    if (Math.abs(off) > 0.25 * (sums[4 * p + 3]! / valence[p]!)) spikes++
  }
  // A drake has scales.
  expect(spikes / size).toBeLessThan(key === 'drake' ? 0.08 : 0.03)
})

it('the drawing of Accents is the form: a lip is drawn where its marks lie, on every head', () => {
  for (const key of heads) {
    const { places, outline } = JSON.parse(
      readFileSync(`public/forms/${key}.json`, 'utf8'),
    ) as FormDrawing
    const drawn = ([x, y]: readonly number[]): [number, number] => [
      150 * (x! / 1050 + 1),
      150 * (1 - y! / 1050),
    ]
    const { upperLip, lowerLip, meet, tip, forehead, ball } = marks[key]
    const between = (a: readonly number[], b: readonly number[]) => a.map((v, i) => (v + b[i]!) / 2)
    expect(holds(places['upper-lip']!, drawn(between(upperLip[1]!, meet[1]!))), key).toBe(true)
    expect(holds(places['lower-lip']!, drawn(between(lowerLip[1]!, meet[1]!))), key).toBe(true)
    expect(holds(places['upper-lip']!, drawn([upperLip[1]![0], upperLip[1]![1] + 30])), key).toBe(
      false,
    )
    expect(holds(places.nose!, drawn(tip)), key).toBe(true)
    expect(holds(places.forehead!, drawn(forehead)), key).toBe(true)
    expect(holds(places.eye!, drawn(ball)), key).toBe(true)
    for (const mark of [tip, forehead, ball]) expect(holds(outline, drawn(mark)), key).toBe(true)
  }
})

/** Whether a path of straight edges holds a point, by crossings. */
function holds(path: string, [x, y]: [number, number]): boolean {
  let inside = false
  for (const ring of path.slice(1).split(/Z?M/)) {
    const line = ring
      .replace('Z', '')
      .split('L')
      .map((pair) => pair.split(' ').map(Number) as [number, number])
    line.forEach(([ax, ay], i) => {
      const [bx, by] = line[(i + 1) % line.length]!
      if (ay > y !== by > y && x < ax + ((y - ay) / (by - ay)) * (bx - ax)) inside = !inside
    })
  }
  return inside
}
