import { mkdtempSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { deltaE00, labOf, parseCgats } from '../core'
import { READINGS_A_CALIBRATION } from './reader/instrument'
import { createApp } from './app'

const dir = mkdtempSync(join(tmpdir(), 'built-'))
writeFileSync(join(dir, 'index.html'), `<title>built</title>${' '.repeat(4000)}`)
let base = ''
let close = (): void => {}

beforeAll(async () => {
  const server = createApp(dir).listen(0)
  await new Promise((resolve) => server.once('listening', resolve))
  base = `http://localhost:${(server.address() as AddressInfo).port}`
  close = () => server.close()
})
afterAll(() => close())

it('answers health, compresses, and serves the application for any room', async () => {
  expect(await (await fetch(`${base}/health`)).json()).toEqual({ status: 'ok' })
  const room = await fetch(`${base}/ladder`, { headers: { 'accept-encoding': 'gzip' } })
  expect(await room.text()).toContain('built')
  expect(room.headers.get('content-encoding')).toBe('gzip')
  expect((await fetch(`${base}/assets/none.js`)).status).toBe(404)
})

it('allows no inline script and no outside origin', async () => {
  const policy = (await fetch(base)).headers.get('content-security-policy')!
  expect(policy).toContain("script-src 'self'")
  expect(policy).toContain("default-src 'none'")
  expect(policy.replace("'wasm-unsafe-eval'", '')).not.toMatch(/unsafe|http|\*/)
})

describe('the simulated reader', () => {
  const post = (path: string, body: unknown = {}): Promise<Response> =>
    fetch(`${base}/reader/${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
  const sample = { kind: 'masstone', paint: 'yellow-ochre' }

  it('wants its white tile first, then reads in CGATS and forgets the tile after a while', async () => {
    const refused = await post('measure', sample)
    expect(refused.status).toBe(409)
    expect(await refused.json()).toMatchObject({ trouble: 'uncalibrated' })
    await post('calibrate')
    const reading = parseCgats(await (await post('measure', sample)).text())
    expect(reading.ok && reading.value.measurements[0]!.name).toBe('yellow-ochre masstone')
    const again = parseCgats(await (await post('measure', sample)).text())
    if (!reading.ok || !again.ok) throw new Error('unreadable')
    const [one, other] = [reading, again].map(({ value }) =>
      labOf(value.measurements[0]!.reflectance!),
    )
    expect(deltaE00(one!, other!)).toBeGreaterThan(0)
    expect(deltaE00(one!, other!)).toBeLessThan(1)
    for (let i = 0; i < READINGS_A_CALIBRATION; i++) await post('measure', sample)
    expect((await post('measure', sample)).status).toBe(409)
  })

  it('says what is wrong with a sample, and sends every reading to who listens', async () => {
    await post('calibrate')
    expect((await post('measure', { kind: 'masstone', paint: 'gold' })).status).toBe(404)
    expect(
      (
        await post('measure', {
          kind: 'film',
          paint: 'yellow-ochre',
          thicknessUm: 9000,
          over: 'black',
        })
      ).status,
    ).toBe(422)
    expect((await post('measure', { kind: 'smell' })).status).toBe(400)
    const stream = await fetch(`${base}/reader/readings`)
    const reader = stream.body!.getReader()
    await reader.read()
    await post('measure', sample)
    expect(new TextDecoder().decode((await reader.read()).value)).toContain('CGATS.17')
    await reader.cancel()
  })
})
