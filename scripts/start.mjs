import { installPackages, run } from './machine.mjs'

installPackages()
if (!run('npx', ['vite', 'build', '--logLevel', 'warn'])) process.exit(1)
run('npx', ['tsx', 'server/main.ts'])
