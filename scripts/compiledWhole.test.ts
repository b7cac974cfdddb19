import { describe, expect, it } from 'vitest'
import { compiledWhole } from './compiledWhole'

interface Hooks {
  generateBundle: { handler: (_: object, bundle: object) => void }
}
const { generateBundle } = compiledWhole(['rooms']) as unknown as Hooks

describe('files that are compiled whole', () => {
  it('begin with the hint, the others do not; a name that no file has is refused', () => {
    const bundle = Object.fromEntries(
      ['rooms', 'fields'].map((name) => [name, { type: 'chunk', name, code: 'f()' }]),
    )
    generateBundle.handler({}, bundle)
    expect(bundle.rooms?.code.split('\n')).toEqual(['//# allFunctionsCalledOnLoad', 'f()'])
    expect(bundle.fields?.code).toBe('f()')
    expect(() => generateBundle.handler({}, { fields: bundle.fields })).toThrow('no file rooms')
  })
})
