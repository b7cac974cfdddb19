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

const server = createApp(fileURLToPath(new URL('../dist', import.meta.url))).listen(port)
server.on('listening', () => {
  const address = server.address()
  const actual = typeof address === 'object' && address ? address.port : port
  console.log(`Cobaltfinch is open at http://localhost:${actual}`)
})
server.on('error', (error: NodeJS.ErrnoException) =>
  fail(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=4180 npm start`
      : error.message,
  ),
)
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.once(signal, () => void closeWith(server).then(() => process.exit(0)))
