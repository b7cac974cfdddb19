import { expect, it } from 'vitest'
import { seeded } from '../../core'
import { answered } from './answered'
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
      const answer = answered(() => parse(broken as never))
      if (typeof answer !== 'string') expect.fail(`${name}: ${answer.bad}`)
      if (answer === 'words') words++
      else sound++
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
      const answer = answered(() => parse(given as never))
      if (typeof answer !== 'string') expect.fail(`${name}, ${JSON.stringify(bit)}: ${answer.bad}`)
    }
})
