import compression from 'compression'
import express from 'express'
import type { Express } from 'express'
import helmet from 'helmet'
import { join } from 'node:path'
import type { Instrument } from './reader/instrument'
import { readerRoutes } from './reader/routes'
import { simulatedReader } from './reader/simulated'

/** The web server: the built application, nothing from outside, nothing inline. */
export function createApp(builtDir: string, reader: Instrument = simulatedReader()): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'none'"],
          // The search runs as WebAssembly; nothing else may be made of text.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'"],
          imgSrc: ["'self'", 'blob:', 'data:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'"],
          workerSrc: ["'self'"],
          manifestSrc: ["'self'"],
          baseUri: ["'none'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      // Served over plain http on the painter's own machine.
      strictTransportSecurity: false,
    }),
  )
  // A stream of events must not wait in a compressor.
  app.use(
    compression({
      filter: (request, response) =>
        !/event-stream/.test(String(response.getHeader('Content-Type'))) &&
        compression.filter(request, response),
    }),
  )
  app.get('/health', (_request, response) => {
    response.json({ status: 'ok' })
  })
  app.use('/reader', readerRoutes(reader))
  app.use('/assets', express.static(join(builtDir, 'assets'), { immutable: true, maxAge: '1y' }))
  app.use(express.static(builtDir))
  app.use('/assets', (_request, response) => {
    response.status(404).type('text').send('There is no such file.')
  })
  app.get('/{*path}', (_request, response) => {
    response.sendFile(join(builtDir, 'index.html'))
  })
  return app
}
