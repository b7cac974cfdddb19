import { build } from 'vite'
import { fileURLToPath } from 'node:url'

/**
 * The server as one file that needs nothing beside it but the built application: what the container runs, with the
 * licences of what is in it.
 */
export const buildServer = (outDir: string): Promise<unknown> =>
  build({
    configFile: false,
    root: fileURLToPath(new URL('..', import.meta.url)),
    publicDir: false,
    logLevel: 'warn',
    ssr: { noExternal: true, target: 'node' },
    build: {
      ssr: 'server/main.ts',
      outDir,
      emptyOutDir: true,
      license: { fileName: 'licences.md' },
    },
  })

if (process.argv[2]) await buildServer(process.argv[2])
