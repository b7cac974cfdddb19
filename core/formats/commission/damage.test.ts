import { strFromU8, unzipSync, zipSync } from 'fflate'
import { expect, it } from 'vitest'
import { lowTide } from '../../../demo/lowTide'
import { many } from '../../../tests/thorough'
import { shapes } from '../../../scripts/forms/shapes/shapes'
import { surfaceNet } from '../../ladder/form/surfaceNet'
import { seeded } from '../../numbers/seeded'
import { starterPaints } from '../../paint/starter'
import { formatStl } from '../stl/stl'
import { packCommission, unpackCommission } from './commission'

const ids = new Set(starterPaints.map(({ id }) => id))
const demo = lowTide([...ids])
const picture = (n: number) =>
  Uint8Array.from({ length: 700 }, (_, i) => (i < 2 ? [0xff, 0xd8][i]! : (i * 7 + 31 * n) % 256))
const photos = new Map([
  ['photo-1', picture(1)],
  ['photo-2', picture(2)],
])
const sculpts = new Map([['sculpt-1', formatStl(surfaceNet(shapes.egg, 8))]])
const project = {
  ...demo,
  figures: demo.figures.map((figure, i) => ({
    ...figure,
    picture: i < 2 ? { photo: `photo-${i + 1}`, name: 'a' } : undefined,
    ...(i === 0 ? { sculpt: 'sculpt-1' } : {}),
  })),
}
const packed = packCommission({ project, photos, sculpts }, (id) => id)
const whole = unpackCommission(packed, ids)

it('of thousands of single bits that flip, none changes what is taken over without being said', () => {
  if (!whole.ok) throw new Error('the whole zip is not read')
  expect(whole.value.missing).toEqual([])
  const random = seeded(23)
  let [refused, left, same] = [0, 0, 0]
  const bits = many(4000, 300)
  for (let n = 0; n < bits; n++) {
    const broken = packed.slice()
    broken[Math.floor(random() * broken.length)]! ^= 1 << Math.floor(8 * random())
    const reading = unpackCommission(broken, ids)
    if (!reading.ok) {
      refused++
      continue
    }
    const { project, photos, sculpts, missing } = reading.value
    expect(project).toEqual(whole.value.project)
    for (const [id, bytes] of [...whole.value.photos, ...whole.value.sculpts]) {
      const found = photos.get(id) ?? sculpts.get(id)
      if (found) expect(Buffer.compare(found, bytes)).toBe(0)
      else expect(missing).toContain(id)
    }
    if (missing.length > 0) left++
    else same++
  }
  console.log(
    `${bits} flips: ${refused} refused, ${left} with a picture or sculpt named, ${same} harmless`,
  )
  expect(refused + left).toBeGreaterThan(0.8 * bits)
})

it('a picture that was put in the place of another is not taken for it', () => {
  const files = unzipSync(packed)
  files['photos/photo-1.jpg'] = files['photos/photo-2.jpg']!
  const reading = unpackCommission(zipSync(files), ids)
  expect(reading.ok && reading.value.missing).toEqual(['photo-1'])
  files['photos/photo-9.jpg'] = picture(9)
  const added = unpackCommission(zipSync(files), ids)
  expect(added.ok && [...added.value.photos.keys()]).toEqual(['photo-2'])
})

it('what was packed before there were checksums opens as it did; a list that is damaged is said', () => {
  const files = unzipSync(packed)
  const { 'checksums.txt': list, ...older } = files
  const reading = unpackCommission(zipSync(older), ids)
  expect(reading.ok && reading.value.missing).toEqual([])
  expect(strFromU8(list!)).toMatch(/^[0-9a-f]{8} \d+ about\.txt\n/)
  const odd = unpackCommission(
    zipSync({ ...older, 'checksums.txt': new TextEncoder().encode('not a list\n') }),
    ids,
  )
  expect(odd.ok).toBe(false)
  if (!odd.ok) expect(odd.issues[0]!.message).toContain('checksum')
})

it('a small zip that would unpack to hundreds of megabytes is refused by what it says of itself', () => {
  const bomb = zipSync({ 'project.json': new Uint8Array(80 * 1024 * 1024) }, { level: 1 })
  const reading = unpackCommission(bomb, ids)
  expect(bomb.length).toBeLessThan(1024 * 1024)
  expect(reading.ok).toBe(false)
  if (!reading.ok) expect(reading.issues[0]!.message).toMatch(/unpacks to more than \d+ MB/)
})

/** The zip with its first file listed so many times more (APPNOTE.TXT 6.3, sections 4.3.12 and 4.3.16). */
function listedAgain(zip: Uint8Array, times: number): Uint8Array {
  const end = zip.length - 22
  const view = new DataView(zip.buffer, zip.byteOffset)
  const at = view.getUint32(end + 16, true)
  const first = zip.slice(at, at + 46 + view.getUint16(at + 28, true))
  const made = new Uint8Array(zip.length + times * first.length)
  made.set(zip.slice(0, end))
  for (let i = 0; i < times; i++) made.set(first, end + i * first.length)
  made.set(zip.slice(end), made.length - 22)
  const tail = new DataView(made.buffer, made.length - 22)
  for (const field of [8, 10]) tail.setUint16(field, view.getUint16(end + 10, true) + times, true)
  tail.setUint32(12, made.length - 22 - at, true)
  return made
}

it('pictures that the project does not name are left where they are; tens of thousands are refused', () => {
  const { 'checksums.txt': _, ...files } = unzipSync(packed)
  const others = Object.fromEntries(
    Array.from({ length: 50 }, (_, i) => [`photos/other-${i}.jpg`, picture(0)]),
  )
  const more = zipSync({ 'photos/tiny.jpg': picture(0), ...files, ...others }, { level: 0 })
  for (const zip of [more, listedAgain(more, 30_000)]) {
    const reading = unpackCommission(zip, ids)
    expect(reading.ok && [...reading.value.photos.keys()].sort()).toEqual(['photo-1', 'photo-2'])
  }
  const reading = unpackCommission(listedAgain(more, 50_000), ids)
  expect(reading.ok ? '' : reading.issues[0]!.message).toMatch(/unpacks to more than 36020 files/)
})
