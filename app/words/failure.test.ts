import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { failureWords } from './failure'

/** Runs what fails, and hands back what was thrown. */
function thrown(act: () => unknown): unknown {
  try {
    act()
  } catch (error) {
    return error
  }
  throw new Error('it did not fail')
}

describe('why something failed', () => {
  it('a full disk says so though the browser gives no reason, and what helps', () => {
    const full = failureWords(new DOMException('', 'QuotaExceededError'))
    expect(full).toBe(
      'its room for this site is full. Delete pictures or commissions that are packed elsewhere',
    )
    expect(failureWords(new DOMException('quota', 'QuotaExceededError'))).toContain('full: quota.')
    expect(failureWords(new DOMException('', 'SecurityError'))).toContain('Allow site data')
  })
  it('what this engine says of bytes that are cut short is said in words', () => {
    const bytes = new ArrayBuffer(8)
    const cut = [
      () => new Float32Array(bytes, 0, 9),
      () => new DataView(bytes).getUint32(6),
      () => new Uint8Array(4).set(new Uint8Array(9)),
      () => new Float32Array(new ArrayBuffer(7)),
    ]
    for (const act of cut) expect(failureWords(thrown(act))).toBe('it is damaged or cut short')
    const deep = (): number => deep() + 1
    expect(failureWords(thrown(deep))).toBe('it is nested too deeply')
    expect(
      failureWords(new Error('THREE.GLTFLoader: No DRACOLoader instance provided.')),
    ).toContain('export it without')
  })
  it('is never empty and never long', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 6000 }), fc.string({ maxLength: 20 }), (message, name) => {
        const said = failureWords(Object.assign(new Error(message), { name }))
        expect(said.trim()).not.toBe('')
        expect(said.length).toBeLessThan(6200)
        if (!/Quota|Security|InvalidState/.test(name)) expect(said.length).toBeLessThanOrEqual(200)
      }),
    )
    const blank = Object.assign(new Error(' '), { name: ' ' })
    for (const strange of [undefined, null, 'text', 3, blank])
      expect(failureWords(strange)).not.toBe('')
  })
})
