import { spawn } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { request } from 'node:http'
import type { IncomingHttpHeaders } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { deltaE00, labOf, parseCgats } from '../core'
import { READINGS_A_CALIBRATION } from './reader/instrument'
import { packFiles } from '../scripts/packed'
import { createApp } from './app'
import { closeWith } from './closing'
import { namedHost } from './hosts'
import { portOf } from './port'

const dir = mkdtempSync(join(tmpdir(), 'built-'))
writeFileSync(join(dir, 'index.html'), `<title>built</title>${' '.repeat(4000)}`)
writeFileSync(join(dir, 'big.js'), `/* ${'built '.repeat(4000)}*/`)
await packFiles(dir)
let base = ''
let close = async (): Promise<void> => {}

beforeAll(async () => {
  const server = createApp(dir).listen(0)
  await new Promise((resolve) => server.once('listening', resolve))
  base = `http://localhost:${(server.address() as AddressInfo).port}`
  close = () => closeWith(server)
})
afterAll(() => close())

it('answers health, has what is compressed, and serves the application for any room', async () => {
  expect(await (await fetch(`${base}/health`)).json()).toEqual({ status: 'ok' })
  const room = await fetch(`${base}/ladder`, { headers: { 'accept-encoding': 'gzip' } })
  expect(await room.text()).toContain('built')
  for (const encoding of ['gzip', 'br']) {
    const script = await fetch(`${base}/big.js`, { headers: { 'accept-encoding': encoding } })
    expect(script.headers.get('content-encoding')).toBe(encoding)
    expect(await script.text()).toHaveLength(24_005)
  }
  expect((await fetch(`${base}/assets/none.js`)).status).toBe(404)
})

/** Asked by hand, as `fetch` would not: any method, host and header. */
const ask = (
  path: string,
  { method = 'GET', ...headers }: Record<string, string> = {},
): Promise<{ status: number; headers: IncomingHttpHeaders; body: Buffer }> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(base)
    const sent = request({ hostname, port, path, method, headers }, (answer) => {
      const parts: Buffer[] = []
      answer.on('data', (part: Buffer) => parts.push(part))
      answer.on('end', () =>
        resolve({
          status: answer.statusCode!,
          headers: answer.headers,
          body: Buffer.concat(parts),
        }),
      )
    })
    sent.on('error', reject)
    sent.end()
  })

describe('as HTTP has it (RFC 9110)', () => {
  it('ranges: the first, the last, one that cannot be, one that makes no sense (14.1.2)', async () => {
    const whole = (await ask('/big.js')).body
    const first = await ask('/big.js', { range: 'bytes=0-4' })
    expect([first.status, String(first.body)]).toEqual([206, '/* bu'])
    expect(first.headers['content-range']).toBe(`bytes 0-4/${whole.length}`)
    const last = await ask('/big.js', { range: 'bytes=-5' })
    expect([last.status, String(last.body)]).toEqual([206, String(whole.subarray(-5))])
    expect((await ask('/big.js', { range: 'bytes=999999-' })).status).toBe(416)
    for (const range of ['bytes=5-2', 'bytes=a-b', 'lines=1-2']) {
      const answer = await ask('/big.js', { range })
      expect([200, 416], range).toContain(answer.status)
    }
  })
  it('conditions: by mark and by date (13.1)', async () => {
    const { etag, 'last-modified': at } = (await ask('/ladder')).headers
    expect(etag).toBeTruthy()
    expect((await ask('/ladder', { 'if-none-match': etag! })).status).toBe(304)
    expect((await ask('/ladder', { 'if-modified-since': at! })).status).toBe(304)
    expect((await ask('/ladder', { 'if-none-match': '"other"' })).status).toBe(200)
    // Packed otherwise it is another text, with another mark.
    const packed = await ask('/big.js', { 'accept-encoding': 'br' })
    expect(packed.headers.etag).not.toBe((await ask('/big.js')).headers.etag)
    expect(packed.headers.vary).toContain('Accept-Encoding')
  })
  it('encodings: what is refused is not sent (12.5.3)', async () => {
    const encoding = async (accepted: string) =>
      (await ask('/big.js', { 'accept-encoding': accepted })).headers['content-encoding']
    expect(await encoding('br;q=0, gzip')).toBe('gzip')
    expect(await encoding('br;q=0, gzip;q=0')).toBeUndefined()
    expect(await encoding('identity')).toBeUndefined()
    expect(await encoding('*')).toBe('br')
  })
  it('methods: pages are read only, and HEAD says what GET would (9.3)', async () => {
    for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'TRACE']) {
      const answer = await ask('/ladder', { method })
      expect(answer.status, method).toBe(405)
      expect(answer.headers.allow).toBe('GET, HEAD')
    }
    const [head, get] = [await ask('/big.js', { method: 'HEAD' }), await ask('/big.js')]
    expect(head.body).toHaveLength(0)
    expect(head.headers['content-length']).toBe(get.headers['content-length'])
    expect(head.headers['content-type']).toMatch(/javascript/)
  })
  it('hosts: the reader answers by this machine’s names, by numbers and by what was allowed (7.2)', async () => {
    const state = async (host: string) => (await ask('/reader/state', { host })).status
    for (const host of ['localhost:4173', '127.0.0.1', '[::1]:80', '192.168.1.20:4173'])
      expect(await state(host), host).toBe(200)
    for (const host of ['evil.test', 'localhost.evil.test', 'studio.lan', '127.0.0.1.evil.test'])
      expect(await state(host), host).toBe(403)
    expect(namedHost('studio.lan, desk')('Studio.lan:4173')).toBe(true)
    expect(namedHost('')(undefined)).toBe(false)
  })
  it('rooms are one page, files that are not there are missing, nothing lies outside', async () => {
    expect(String((await ask('/c/low-tide/ladder')).body)).toContain('built')
    for (const path of ['/none.js', '/assets/none', '/../package.json', '/%2e%2e/package.json'])
      expect((await ask(path)).status, path).toBe(404)
  })
})

it('an address that cannot be read is told so, without the insides of the server', async () => {
  for (const path of ['/reader/%E0%A4%A', '/%E0%A4%A', '/%c0%ae%c0%ae/package.json']) {
    const answer = await fetch(base + path)
    expect(answer.status, path).toBeLessThan(500)
    expect(await answer.text(), path).not.toMatch(/node_modules|at .*\.[jt]s/)
  }
})

it('PORT is digits from 0 to 65535, anything else is refused in words', () => {
  expect([portOf(undefined), portOf(''), portOf('0'), portOf('65535')]).toEqual([
    4173, 4173, 0, 65535,
  ])
  for (const text of ['65536', '-1', '1e3', '0x50', ' 80', '80.5', 'http'])
    expect(() => portOf(text), text).toThrow(/allowed is a whole number from 0 to 65535/)
})

it('ends on a signal with somebody listening still', async () => {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: '0' },
  })
  const told = await new Promise<string>((resolve) =>
    server.stdout.once('data', (data) => resolve(String(data))),
  )
  const address = /http:\S+/.exec(told)![0]
  const readings = await fetch(`${address}/reader/readings`)
  await readings.body!.getReader().read()
  const ended = new Promise((resolve) => server.once('exit', resolve))
  server.kill('SIGTERM')
  expect(await ended).toBe(0)
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

  it('answers pages of its own address only', async () => {
    const from = (origin: string) => fetch(`${base}/reader/state`, { headers: { origin } })
    expect((await from(base)).status).toBe(200)
    for (const origin of ['http://elsewhere.test', 'http://localhost:1', 'null'])
      expect((await from(origin)).status, origin).toBe(403)
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
    for (const parts of [[], [{ paint: 'yellow-ochre', drops: 0 }]])
      expect((await post('measure', { kind: 'mix', parts })).status).toBe(400)
    const stream = await fetch(`${base}/reader/readings`)
    const reader = stream.body!.getReader()
    await reader.read()
    await post('measure', sample)
    expect(new TextDecoder().decode((await reader.read()).value)).toContain('CGATS.17')
    await reader.cancel()
  })
})
