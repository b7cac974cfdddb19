import jsQR from 'jsqr'
import { expect, it } from 'vitest'
import { darkRuns, formatCardSvg } from '../../../core'
import type { LadderCard } from '../../../core'
import { pictureCode } from './pictureCode'

/** What another library reads off a code that is drawn with so many points a sign. */
function scanned(dark: readonly (readonly boolean[])[], points: number): string | undefined {
  const side = dark.length * points
  const picture = new Uint8ClampedArray(4 * side * side).fill(255)
  for (const { row, from, long } of darkRuns(dark))
    for (let y = row * points; y < (row + 1) * points; y++)
      for (let x = from * points; x < (from + long) * points; x++)
        picture.fill(0, 4 * (y * side + x), 4 * (y * side + x) + 3)
  return jsQR(picture, side, side)?.data
}

it('is read by another library, short or as long as a figure gets', () => {
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_'
  for (const length of [60, 800, 1600]) {
    const end = Array.from({ length }, (_, i) => letters[(i * i * 7 + i) % 64]).join('')
    const address = `http://localhost:4173/given#1${end}`
    expect(scanned(pictureCode(address), 3), `${length} letters`).toBe(address)
  }
})

it('stands on a page of its own behind the card, each sign where it belongs', () => {
  const dark = pictureCode('http://localhost:4173/given#1abc')
  const card: LadderCard = {
    ...{ title: 'Mei', lines: [], steps: [], thinning: '', path: [], coats: [], accents: [] },
    ...{ notes: '', grey: false, code: dark },
  }
  const svg = formatCardSvg(card)
  expect(svg).toContain('viewBox="0 0 210 296"')
  const [, drawn] = /<path [^>]*d="([^"]+)"/.exec(svg)!
  const read = dark.map((row) => row.map(() => false))
  for (const [, x, y, long] of drawn!.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
    read[Number(y)]!.fill(true, Number(x), Number(x) + Number(long))
  expect(scanned(read, 4)).toBe('http://localhost:4173/given#1abc')
})
