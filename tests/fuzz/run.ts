import { seeded } from '../../core'
import { answered } from './answered'
import { damagedBytes, damagedText, repeated } from './damage'
import { parsers } from './parsers'

/** `npm run fuzz [runs] [seed]`: a million damaged files over all parsers, then a megabyte of one thing each. */
const runs = Number(process.argv[2] ?? 1_000_000)
const seed = Number(process.argv[3] ?? 1)
const random = seeded(seed)
let bad = 0
for (const { name, sound, parse } of parsers) {
  const each = Math.ceil(runs / parsers.length)
  const began = performance.now()
  let [words, read] = [0, 0]
  for (let n = 0; n < each; n++) {
    const broken =
      typeof sound === 'string' ? damagedText(sound, random) : damagedBytes(sound, random)
    const answer = answered(() => parse(broken as never))
    if (answer === 'words') words++
    else if (answer === 'read') read++
    else {
      bad++
      console.log(`${name}, run ${n}: ${answer.bad}\n${String(broken).slice(0, 300)}`)
    }
  }
  const s = ((performance.now() - began) / 1000).toFixed(1)
  console.log(`${name}: ${each} files, ${words} refused in words, ${read} read; ${s} s`)
}
for (const { name, sound, parse } of parsers)
  for (const bit of repeated) {
    const ms = [500_000, 1_000_000].map((size) => {
      const file = bit.repeat(Math.ceil(size / bit.length))
      const given = typeof sound === 'string' ? file : new TextEncoder().encode(file)
      const began = performance.now()
      const answer = answered(() => parse(given as never))
      if (typeof answer !== 'string') {
        bad++
        console.log(`${name}, ${JSON.stringify(bit)}: ${answer.bad}`)
      }
      return performance.now() - began
    })
    if (ms[1]! > 1000) {
      bad++
      console.log(
        `${name}: a megabyte of ${JSON.stringify(bit)} took ${(ms[1]! / 1000).toFixed(1)} s, ${(ms[1]! / ms[0]!).toFixed(1)} times half of it`,
      )
    }
  }
console.log(bad === 0 ? 'nothing but words' : `${bad} faults`)
process.exitCode = bad === 0 ? 0 : 1
