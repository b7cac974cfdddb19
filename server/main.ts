import { fileURLToPath } from 'node:url'
import { createApp } from './app'

const text = process.env.PORT ?? '4173'
const port = Number(text)
if (!Number.isInteger(port) || port < 0 || port > 65535) {
  console.error(`PORT is "${text}"; allowed is a whole number from 0 to 65535`)
  process.exit(1)
}

const server = createApp(fileURLToPath(new URL('../dist', import.meta.url))).listen(port, () => {
  const address = server.address()
  const actual = typeof address === 'object' && address ? address.port : port
  console.log(`Cobaltfinch is open at http://localhost:${actual}`)
})
server.on('error', (error: NodeJS.ErrnoException) => {
  console.error(
    error.code === 'EADDRINUSE'
      ? `Port ${port} is taken. Choose another: PORT=4180 npm start`
      : error.message,
  )
  process.exit(1)
})
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => server.close(() => process.exit(0)))
