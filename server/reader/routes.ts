import express, { Router } from 'express'
import type { Response } from 'express'
import * as v from 'valibot'
import { formatCgats, sampleSchema } from '../../core'
import type { Measurement, ReaderSample } from '../../core'
import { Instrument, ReaderError } from './instrument'

const nameOf = (sample: ReaderSample): string =>
  sample.kind === 'mix'
    ? sample.parts.map(({ paint, drops }) => `${drops} ${paint}`).join(' + ')
    : `${sample.paint} ${sample.kind}`

/**
 * The simulated reader over HTTP: `GET /state`, `POST /calibrate`, `POST /measure` (a sample as JSON,
 * a CGATS reading back) and `GET /readings`, every reading as a server-sent event.
 */
export function readerRoutes(reader: Instrument): Router {
  const router = Router()
  const listeners = new Set<Response>()
  router.use(express.json({ limit: '20kb' }))

  router.get('/state', (_request, response) => {
    response.json({ name: 'simulated reader', calibrated: reader.calibrated })
  })
  router.post('/calibrate', (_request, response) => {
    reader.calibrate()
    response.json({ calibrated: true })
  })
  router.post('/measure', (request, response) => {
    const parsed = v.safeParse(sampleSchema, request.body)
    if (!parsed.success) {
      response.status(400).json({ trouble: 'bad-sample', message: parsed.issues[0].message })
      return
    }
    try {
      const reading: Measurement = {
        name: nameOf(parsed.output),
        reflectance: reader.measure(parsed.output),
      }
      const text = formatCgats([reading])
      for (const listener of listeners) listener.write(`data: ${JSON.stringify(text)}\n\n`)
      response.type('text/plain').send(text)
    } catch (error) {
      if (!(error instanceof ReaderError)) throw error
      const status = { uncalibrated: 409, 'unknown-paint': 404, 'out-of-range': 422 }[error.trouble]
      response.status(status).json({ trouble: error.trouble, message: error.message })
    }
  })
  router.get('/readings', (request, response) => {
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform' })
    response.flushHeaders()
    response.write(': the reader is here\n\n')
    listeners.add(response)
    request.on('close', () => listeners.delete(response))
  })
  // Bad JSON and bodies that are too large are told in the same words as the rest.
  router.use(
    (
      error: Error & { status?: number },
      _request: unknown,
      response: Response,
      next: (e?: unknown) => void,
    ) => {
      if (response.headersSent) return next(error)
      response.status(error.status ?? 500).json({ trouble: 'bad-sample', message: error.message })
    },
  )
  return router
}
