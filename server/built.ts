import type { RequestHandler } from 'express'
import { existsSync } from 'node:fs'
import { extname, join, normalize, sep } from 'node:path'

/** What is written beside a file when it is built, the smallest first. */
const PACKED = [
  { encoding: 'br', ending: '.br' },
  { encoding: 'gzip', ending: '.gz' },
] as const
const YEAR = 'public, max-age=31536000, immutable'
/** Files that are asked for by name: one that is not there is missing, and no room. */
const isFile = (path: string): boolean =>
  /^\/(assets|forms|demo)\//.test(path) || extname(path) !== ''

/** An address in letters; nothing where it is none. */
function decoded(path: string): string | undefined {
  try {
    return decodeURIComponent(path)
  } catch {
    return undefined
  }
}

/**
 * The built application: files as they were packed when it was built, rooms all the same page. Reading only; ranges,
 * conditions and what may be sent are as RFC 9110 has them (by `send`, which express reads files with).
 */
export function built(dir: string): RequestHandler {
  const known = new Map<string, boolean>()
  const there = (path: string): boolean => {
    let is = known.get(path)
    if (is === undefined) known.set(path, (is = existsSync(path)))
    return is
  }
  return (request, response, next) => {
    if (!['GET', 'HEAD'].includes(request.method)) {
      response.setHeader('Allow', 'GET, HEAD')
      return void response
        .status(request.method === 'OPTIONS' ? 204 : 405)
        .type('text')
        .send('This is only read: GET or HEAD.')
    }
    const asked = decoded(request.path)
    if (asked === undefined) return next({ status: 400 })
    const path = normalize(asked.endsWith('/') ? `${asked}index.html` : asked)
    const within = path.startsWith(sep) && !path.includes('\0')
    const found = within && there(join(dir, path)) ? path : isFile(path) ? undefined : '/index.html'
    if (found === undefined || extname(found) === '') return next()
    const choices = PACKED.filter(({ ending }) => there(join(dir, found + ending)))
    const taken = request.acceptsEncodings([...choices.map(({ encoding }) => encoding), 'identity'])
    const packed = choices.find(({ encoding }) => encoding === taken)
    if (choices.length > 0) response.vary('Accept-Encoding')
    if (packed) response.setHeader('Content-Encoding', packed.encoding)
    response.type(extname(found))
    response.setHeader('Cache-Control', found.startsWith('/assets/') ? YEAR : 'no-cache')
    response.sendFile(
      found + (packed?.ending ?? ''),
      { root: dir, cacheControl: false },
      (error) => {
        // A condition or a range that fails has its answer; one who went away needs none.
        if (error && !response.headersSent) {
          response.removeHeader('Content-Encoding')
          next(error)
        }
      },
    )
  }
}
