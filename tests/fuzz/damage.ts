/** What is put into a file to break it: ends of numbers, quotes, names the language keeps, halves of pairs. */
const BITS = [
  ...[
    'NaN',
    '-1',
    '1e309',
    '0x',
    '\u0000',
    '"',
    "'",
    '<',
    '&a;',
    '<!DOCTYPE a>',
    ']]>',
    '\r',
    '\n',
  ],
  ...[
    ',',
    ';',
    '\uFEFF',
    '\ud800',
    'END_DATA',
    '{',
    '[',
    '}',
    ']',
    ':',
    '__proto__',
    'constructor',
  ],
  ...['null', 'true', '[]', '{}', '""', '9'.repeat(40), ' '.repeat(60), '=1+1', 'PK\u0003\u0004'],
]

/** Text with one to four things wrong with it. */
export function damagedText(sound: string, random: () => number): string {
  let made = sound
  const at = (): number => Math.floor(random() * (made.length + 1))
  for (let n = 1 + Math.floor(4 * random()); n > 0; n--) {
    const [from, to] = [at(), at()].sort((one, other) => one - other) as [number, number]
    const piece = made.slice(from, Math.min(to, from + 400))
    const way = random()
    const bit = BITS[Math.floor(random() * BITS.length)]!
    if (way < 0.3) made = made.slice(0, from) + bit + made.slice(from)
    else if (way < 0.5) made = made.slice(0, from) + made.slice(from + 1 + Math.floor(6 * random()))
    else if (way < 0.65) made = made.slice(0, from) + bit + made.slice(from + bit.length)
    else if (way < 0.8) made = made.slice(0, to) + piece + made.slice(to)
    else if (way < 0.9) made = made.slice(0, from) + made.slice(to)
    else made = made.slice(0, from)
  }
  return made
}

/** Bytes with one to four things wrong with them. */
export function damagedBytes(sound: Uint8Array, random: () => number): Uint8Array {
  let made = sound.slice()
  for (let n = 1 + Math.floor(4 * random()); n > 0 && made.length > 0; n--) {
    const at = Math.floor(random() * made.length)
    const way = random()
    if (way < 0.6) made[at]! ^= 1 << Math.floor(8 * random())
    else if (way < 0.8) made[at] = Math.floor(256 * random())
    else if (way < 0.9) made = made.slice(0, at)
    else made = Uint8Array.from([...made.subarray(0, at), ...made.subarray(at + 1)])
  }
  return made
}

/** Things that a parser may read again and again: each repeated makes a file of any size. */
export const repeated: readonly string[] = [
  ...['9', ' ', '<a', '<a>', '"', ',', ';', '\n', '[', '{"a":', '0.1 ', 'a ', '<!--', '<![CDATA['],
  ...['1,', '"a",', '\t', '# ', 'BEGIN_DATA ', "'", '-', '1e', '=', '\r', '&amp;', '12 12 12\n'],
]
