import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import asc from 'assemblyscript/asc'

const FOLDER = 'core/recipe/kernel/assembly/'

/** SHA-256 of all sources, one after the other. */
const sourceHash = () =>
  readdirSync(FOLDER)
    .sort()
    .reduce((hash, name) => hash.update(readFileSync(FOLDER + name)), createHash('sha256'))
    .digest('hex')

/** Compiles the search kernel to WebAssembly SIMD and writes it as text that any bundler takes. */
export async function compileKernel() {
  let binary
  const flags = ['-O3', '--runtime', 'stub', '--enable', 'simd', '--enable', 'bulk-memory']
  const { error, stderr } = await asc.main(
    ['kernel.ts', '-o', 'kernel.wasm', ...flags, '--noAssert'],
    {
      readFile: (name) => (existsSync(FOLDER + name) ? readFileSync(FOLDER + name, 'utf8') : null),
      writeFile: (_, data) => void (binary = data),
      listFiles: () => [],
    },
  )
  if (error || !binary) throw new Error(stderr?.toString() ?? String(error))
  return Buffer.from(binary).toString('base64')
}

if (process.argv[1]?.endsWith('kernel.mjs')) {
  const text = await compileKernel()
  writeFileSync(
    'core/recipe/kernel/kernelBytes.ts',
    `/** SHA-256 of the sources this was made from. */\nexport const kernelSource = '${sourceHash()}'\n` +
      `/** assembly/ compiled by \`npm run kernel\`; base64 of a WebAssembly module. */\nexport const kernelBytes =\n  '${text}'\n`,
  )
  console.log(`${text.length} characters`)
}
