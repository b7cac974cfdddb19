import { spawn } from 'node:child_process'
import { installPackages, run } from './machine.mjs'

await installPackages({ development: false })
if (!run('npx', ['vite', 'build', '--logLevel', 'warn'])) process.exit(1)
const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], { stdio: 'inherit' })
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 1))
