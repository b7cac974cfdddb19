import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { buildServer } from '../scripts/serverAlone'

it('what the container runs serves with no package beside it', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'alone-'))
  mkdirSync(join(folder, 'dist'))
  writeFileSync(join(folder, 'dist', 'index.html'), '<!doctype html><title>Cobaltfinch</title>')
  try {
    await buildServer(join(folder, 'server'))
    expect(readdirSync(folder).sort()).toEqual(['dist', 'server'])
    expect(readFileSync(join(folder, 'server', 'licences.md'), 'utf8')).toMatch(/express/)
    const server = spawn(process.execPath, [join(folder, 'server', 'main.js')], {
      env: { PATH: process.env.PATH, PORT: '0' },
    })
    try {
      const [said] = (await once(server.stdout, 'data')) as [Buffer]
      const at = /http:\S+/.exec(said.toString())![0]
      expect(await (await fetch(`${at}/`)).text()).toContain('<title>Cobaltfinch</title>')
      expect(await (await fetch(`${at}/health`)).json()).toEqual({ status: 'ok' })
    } finally {
      server.kill()
    }
  } finally {
    rmSync(folder, { recursive: true })
  }
}, 60_000)
