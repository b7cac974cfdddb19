import { parseCgats, readerTroubles } from '../../core'
import type { Measurement } from '../../core'
import { ReaderFailure } from './readerDriver'
import type { ReaderDriver } from './readerDriver'

const PATIENCE_MS = 4000

function readingOf(text: string): Measurement {
  const reading = parseCgats(text)
  const [first] = reading.ok ? reading.value.measurements : []
  if (!first?.reflectance)
    throw new ReaderFailure('unreadable', 'the reader answered something that is no reading')
  return first
}

/**
 * A reader that answers in CGATS over HTTP and sends its readings as server-sent events.
 * @param standIn what it reads is made up.
 */
export function httpReader(base: string, name: string, standIn = false): ReaderDriver {
  async function ask(path: string, body?: unknown): Promise<Response> {
    let response: Response
    try {
      response = await fetch(`${base}/${path}`, {
        signal: AbortSignal.timeout(PATIENCE_MS),
        ...(body === undefined
          ? {}
          : {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: JSON.stringify(body),
            }),
      })
    } catch (error) {
      if ((error as Error).name === 'TimeoutError')
        throw new ReaderFailure(
          'slow',
          `the reader did not answer within ${PATIENCE_MS / 1000} seconds`,
        )
      throw new ReaderFailure('away', 'the reader cannot be reached; is it switched on?')
    }
    if (response.ok) return response
    const told = (await response.json().catch(() => ({}))) as { trouble?: string; message?: string }
    throw new ReaderFailure(
      readerTroubles.find((one) => one === told.trouble) ?? 'unreadable',
      told.message ?? `the reader answered ${response.status}`,
    )
  }
  return {
    name,
    standIn,
    state: async () => (await ask('state')).json() as Promise<{ calibrated: boolean }>,
    calibrate: async () => void (await ask('calibrate', {})),
    measure: async (sample) => readingOf(await (await ask('measure', sample)).text()),
    listen(heard, away) {
      const source = new EventSource(`${base}/readings`)
      source.onmessage = ({ data }: MessageEvent<string>) => {
        try {
          heard(readingOf(JSON.parse(data) as string))
        } catch {
          // A torn event is no reading; the next one comes whole.
        }
      }
      source.onerror = away
      return () => source.close()
    },
  }
}
