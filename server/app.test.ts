import { mkdtempSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, expect, it } from 'vitest'
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
  expect(policy).not.toMatch(/unsafe|http|\*/)
})
