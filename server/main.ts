import { fileURLToPath } from 'node:url'
import { createApp } from './app'
import { closeWith } from './closing'
import { portOf } from './port'

function fail(words: string): never {
  console.error(words)
  process.exit(1)
}

let port = 0
try {
  port = portOf(process.env.PORT)
} catch (error) {
  fail((error as Error).message)
}

/** This machine alone, unless another address is asked for: HOST=0.0.0.0 for the home network. */
const host = process.env.HOST || '127.0.0.1'
const server = createApp(fileURLToPath(new URL('../dist', import.meta.url)), {
  hosts: process.env.HOSTS ?? '',
}).listen(port, host)
server.on('listening', () => {
  const address = server.address()
  const actual = typeof address === 'object' && address ? address.port : port
  console.log(`Cobaltfinch is open at http://localhost:${actual}`)
})
server.on('error', (error: NodeJS.ErrnoException) =>
  fail(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=4180 npm start`
      : error.code === 'EADDRNOTAVAIL' || error.code === 'ENOTFOUND'
        ? `HOST is "${host}"; allowed is an address or name of this machine, or 0.0.0.0 for all of them`
        : error.message,
  ),
)
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => void closeWith(server).then(() => process.exit(0)))
