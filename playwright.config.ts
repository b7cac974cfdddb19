import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'

const port = 4180
/** The same engine of the same source without a window, in a quarter less of the time; kills and names run on the whole. */
const WITHOUT_WINDOW = '/usr/bin/chromium-headless-shell'
const executablePath =
  process.env.CHROMIUM ?? (existsSync(WITHOUT_WINDOW) ? WITHOUT_WINDOW : '/usr/bin/chromium')

/**
 * Two pages at once on two cores gain nothing from threads that collect garbage beside them: a fifth less of the
 * processor's time. Where long tasks are measured it is left out.
 */
export const ONE_COLLECTOR = '--js-flags=--single-threaded-gc --min-semi-space-size=32'

export default defineConfig({
  testDir: 'tests/e2e',
  // Patient, for machines that are shared: what waits here is right or wrong, never fast or slow.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  // What is shaky is to be seen.
  retries: 0,
  fullyParallel: true,
  // Long tasks are told by processor time, so that what else runs does not count.
  workers: 2,
  reporter: [['list'], ['json', { outputFile: process.env.REPORT ?? 'reports/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${port}`,
    // What is kept by a worker is not asked for again, and could not be refused; offline.spec allows it.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        ONE_COLLECTOR,
      ],
    },
  },
  webServer: {
    command: 'npx tsx server/main.ts',
    env: { PORT: String(port) },
    url: `http://localhost:${port}/health`,
    reuseExistingServer: false,
  },
})
