import { resolve } from 'node:path'
import { build } from 'vite'
import type { Plugin } from 'vite'

/** Not among what is tested or looked at, so that it is loaded as it stands. */
const TO = 'node_modules/.cache/core'

/**
 * Rooms and stores take the core whole by its front door. Tests of theirs are each given it as one file, with the
 * packages that it calls, since opening its four hundred for every one of them takes longer than most of them do.
 */
export function oneCore(): Plugin {
  const door = resolve('core/index.ts')
  let made: Promise<unknown> | undefined
  const bundled = (): Promise<unknown> =>
    build({
      configFile: false,
      publicDir: false,
      logLevel: 'error',
      build: {
        lib: { entry: door, formats: ['es'], fileName: 'index' },
        outDir: TO,
        target: 'node20',
        minify: false,
        sourcemap: true,
        rolldownOptions: { external: /^node:/, platform: 'node' },
      },
    })
  return {
    name: 'one-core',
    enforce: 'pre',
    async resolveId(source, importer) {
      if (!importer || !/(^|\/)core$/.test(source)) return undefined
      if (resolve(importer, '..', source, 'index.ts') !== door) return undefined
      await (made ??= bundled())
      return resolve(TO, 'index.js')
    },
  }
}
