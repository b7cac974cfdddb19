import express from 'express'
import type { ErrorRequestHandler, Express, RequestHandler } from 'express'
import helmet from 'helmet'
import { existsSync } from 'node:fs'
import { built } from './built'
import { namedHost } from './hosts'
import type { Instrument } from './reader/instrument'
import { readerRoutes } from './reader/routes'
import { simulatedReader } from './reader/simulated'

const headers = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      // The search runs as WebAssembly; nothing else may be made of text.
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      styleSrc: ["'self'"],
      imgSrc: ["'self'", 'blob:', 'data:'],
      mediaSrc: ["'self'", 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'"],
      manifestSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  // With the opener policy, which helmet sets: threads may share one memory.
  crossOriginEmbedderPolicy: { policy: 'require-corp' },
  // Served over plain http on the painter's own machine.
  strictTransportSecurity: false,
})

/** What the application never asks for, nobody may ask for in its name. */
const permissions: RequestHandler = (_request, response, next) => {
  response.setHeader(
    'Permissions-Policy',
    ['camera', 'microphone', 'geolocation', 'payment', 'usb', 'serial', 'hid']
      .map((name) => `${name}=()`)
      .join(', '),
  )
  next()
}

/** Pages of other origins, and those that gave this machine a name of their own, have no business with the reader. */
const ownOrigin =
  (named: (host: string | undefined) => boolean): RequestHandler =>
  (request, response, next) => {
    const { origin, host } = request.headers
    const site = request.headers['sec-fetch-site']
    const foreign =
      !named(host) ||
      (origin !== undefined && !(URL.canParse(origin) && new URL(origin).host === host)) ||
      site === 'cross-site' ||
      site === 'same-site'
    if (!foreign) return next()
    response.status(403).json({
      trouble: 'bad-sample',
      message: 'the reader answers pages of its own address only',
    })
  }

const inWords: ErrorRequestHandler = (error: { status?: number }, _request, response, next) => {
  if (response.headersSent) return next(error)
  const status = error.status ?? 500
  response
    .status(status)
    .type('text')
    .send(status < 500 ? 'This address cannot be read.' : 'Something went wrong here.')
}

function application(dir: string): RequestHandler {
  if (existsSync(dir)) return built(dir)
  return (_request, response) =>
    void response.status(503).type('text').send('Nothing is built yet: npm run build')
}

/** The web server: the built application, nothing from outside, nothing inline. */
export function createApp(
  builtDir: string,
  { reader = simulatedReader(), hosts = '' }: { reader?: Instrument; hosts?: string } = {},
): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(headers, permissions)
  app.get('/health', (_request, response) => {
    response.json({ status: 'ok' })
  })
  app.use('/reader', ownOrigin(namedHost(hosts)), readerRoutes(reader))
  app.use(application(builtDir))
  app.use((_request, response) => {
    response.status(404).type('text').send('There is no such file.')
  })
  app.use(inWords)
  return app
}
