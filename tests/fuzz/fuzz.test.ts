import { expect, it } from 'vitest'
import { seeded } from '../../core'
import { damagedBytes, damagedText, repeated } from './damage'
import { parsers } from './parsers'

const RUNS = 10_000

it('ten thousand damaged files bring words or what is sound, never a fault of another kind', () => {
  const random = seeded(23)
  const each = Math.ceil(RUNS / parsers.length)
  let words = 0
  let sound = 0
  for (const { name, sound: file, parse } of parsers)
    for (let n = 0; n < each; n++) {
      const broken =
        typeof file === 'string' ? damagedText(file, random) : damagedBytes(file, random)
      try {
        const read = parse(broken as never) as { ok?: boolean; issues?: { message: string }[] }
        if (read?.ok === false) {
          words++
          expect(read.issues!.length, name).toBeGreaterThan(0)
          for (const { message } of read.issues!) expect(message.length, name).toBeGreaterThan(4)
        } else sound++
      } catch (error) {
        // Where a parser throws, it is what it says it throws.
        words++
        expect(error, `${name}: ${String(broken).slice(0, 200)}`).toBeInstanceOf(RangeError)
      }
    }
  expect(({} as Record<string, unknown>).polluted).toBeUndefined()
  expect(words).toBeGreaterThan(0.3 * RUNS)
  expect(sound).toBeGreaterThan(0)
}, 120_000)

it('one thing said over and over is refused in words, or read', () => {
  for (const { name, sound, parse } of parsers)
    for (const bit of repeated) {
      const file = bit.repeat(Math.ceil(20_000 / bit.length))
      const given = typeof sound === 'string' ? file : new TextEncoder().encode(file)
      try {
        const read = parse(given as never) as { ok?: boolean; issues?: unknown[] } | undefined
        if (read?.ok === false) expect(read.issues!.length, name).toBeGreaterThan(0)
      } catch (error) {
        expect(error, `${name}: ${JSON.stringify(bit)}`).toBeInstanceOf(RangeError)
      }
    }
})
