import type { Server } from 'node:http'

/** So long an answer that is under way may take to end. */
const GRACE_MS = 500

/** Ends a server with whoever still listens to it: streams of events would keep it open for ever. */
export function closeWith(server: Server): Promise<void> {
  return new Promise((resolve) => {
    server.close(() => resolve())
    server.closeIdleConnections()
    setTimeout(() => server.closeAllConnections(), GRACE_MS).unref()
  })
}
