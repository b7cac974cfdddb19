import { afterEach, describe, expect, it, vi } from 'vitest'
import { flatSpectrum, formatCgats } from '../../core'
import { httpReader } from './httpReader'
import { ReaderFailure } from './readerDriver'

const answer = (body: string, status = 200): void => {
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(body, { status })))
}
const failure = async (work: Promise<unknown>): Promise<ReaderFailure> => {
  const error: unknown = await work.then(
    () => undefined,
    (reason: unknown) => reason,
  )
  if (!(error instanceof ReaderFailure)) throw new Error(`no failure but ${String(error)}`)
  return error
}
const sample = { kind: 'masstone', paint: 'yellow-ochre' } as const
afterEach(() => vi.unstubAllGlobals())

describe('the reader driver', () => {
  it('hands a CGATS answer over as a measurement', async () => {
    answer(formatCgats([{ name: 'x', reflectance: flatSpectrum(0.5) }]))
    const { name, reflectance } = await httpReader('/reader', 'reader').measure(sample)
    expect(name).toBe('x')
    expect(reflectance![7]).toBeCloseTo(0.5, 6)
  })

  it('tells being away, slow, uncalibrated, out of range and unreadable apart', async () => {
    const reader = httpReader('/reader', 'reader')
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('offline')))
    expect((await failure(reader.state())).trouble).toBe('away')
    vi.stubGlobal('fetch', () => Promise.reject(new DOMException('late', 'TimeoutError')))
    expect((await failure(reader.measure(sample))).trouble).toBe('slow')
    answer('{"trouble":"uncalibrated","message":"white tile"}', 409)
    expect(await failure(reader.measure(sample))).toMatchObject({
      trouble: 'uncalibrated',
      message: 'white tile',
    })
    answer('{"trouble":"out-of-range","message":"too thick"}', 422)
    expect((await failure(reader.measure(sample))).trouble).toBe('out-of-range')
    answer('<html>', 500)
    expect((await failure(reader.measure(sample))).message).toContain('answered 500')
    answer('hello')
    expect((await failure(reader.measure(sample))).trouble).toBe('unreadable')
  })
})
