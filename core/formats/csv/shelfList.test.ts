import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labOfHex } from '../../colour/parseHex'
import { parseShelfList } from './shelfList'

const read = (text: string) => {
  const result = parseShelfList(text)
  return result.ok
    ? result.value
    : result.issues.map(({ place, message }) => `${place}: ${message}`)
}

describe('a shelf as a list', () => {
  it('reads commas, semicolons and tabs, with a head in any order or without one', () => {
    const clay = {
      name: 'clay',
      colour: labOfHex('#a5694f'),
      opacity: 'semi-opaque',
      pigments: ['PR101', 'PW6'],
    }
    for (const text of [
      'clay,#a5694f,semi-opaque,PR101 PW6',
      'clay;#a5694f;Semi opaque;PR101+PW6',
      'clay\t#a5694f\t\tPR101/PW6',
      'Pigments,Color,Name\nPR101 PW6,#a5694f,clay',
      '\uFEFFname;colour;opacity;pigments\r\n"clay";"#a5694f";"semi-opaque";"PR101 PW6"\r\n',
    ])
      expect(read(text), text).toEqual([clay])
  })

  it('takes all or nothing, and names line, column and what is allowed', () => {
    const told = read('name,colour\nclay,#a5694f\n,#fff\nbog,greenish\nreed,#abc,')
    expect(told).toHaveLength(2)
    expect(told[0]).toBe('line 3, name: is empty; 1 to 80 letters are needed')
    expect(told[1]).toMatch(/^line 4, colour: /)
    expect(read('')).toEqual(['the list: is empty; one bottle a line is needed'])
    const many = Array.from({ length: 301 }, (_, i) => `b${i},#fff`).join('\n')
    expect(read(many)).toEqual(['the list: has 301 bottles; up to 300 can be taken at once'])
  })

  it('never throws, whatever is pasted', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 200 }), (text) => {
        expect(typeof parseShelfList(text).ok).toBe('boolean')
      }),
    )
  })
})
