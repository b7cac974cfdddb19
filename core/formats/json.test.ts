import { expect, it } from 'vitest'
import { jsonError } from './json'

/** What this engine says of text that is no JSON. */
function faultOf(text: string): unknown {
  try {
    JSON.parse(text)
  } catch (error) {
    return error
  }
  throw new Error(`${text} is JSON`)
}

it('text that is no JSON is told with its place, however an engine says it, and as no kind of file', () => {
  const text = '{\n  "a": 1,\n  b\n}'
  const told = (said: string) => {
    const reading = jsonError(text, new SyntaxError(said))
    return reading.ok ? undefined : reading.issues[0]
  }
  const message = 'this is not JSON; something here does not belong'
  // As engines word it: by the character, by line and column, without a place, and at the end.
  expect(told("Expected ',' in JSON at position 14")).toEqual({
    place: 'line 3, column 3',
    message,
  })
  expect(told('JSON.parse: expected property name at line 3 column 3 of the JSON data')).toEqual({
    place: 'line 3, column 3',
    message,
  })
  expect(told(`Unexpected token 'b', "..." is not valid JSON`)).toEqual({
    place: 'line 3, column 3',
    message,
  })
  for (const bad of ['[1, x', '{"a": nule}', '[{"b": -}]', `[${'"x", '.repeat(500)}oops]`]) {
    const reading = jsonError(bad, faultOf(bad))
    const at = bad.search(/x$|e}|}]|oops/)
    expect(reading.ok ? '' : reading.issues[0]!.place).toBe(`line 1, column ${at + 1}`)
  }
  expect(told('Unexpected end of JSON input')!.place).toBe('line 4, column 2')
  expect(told('JSON.parse: end of data while reading object contents')!.message).toContain(
    'cut off',
  )
})
