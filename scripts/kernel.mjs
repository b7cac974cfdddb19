import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'
import asc from 'assemblyscript/asc'

const SOURCE = 'core/recipe/kernel/assembly/kernel.ts'

/** Compiles the search kernel to WebAssembly SIMD and writes it as text that any bundler takes. */
export async function compileKernel() {
  const { binary, error, stderr } = await asc.compileString(
    { 'kernel.ts': readFileSync(SOURCE, 'utf8') },
    {
      optimizeLevel: 3,
      shrinkLevel: 0,
      runtime: 'stub',
      enable: ['simd', 'bulk-memory'],
      noAssert: true,
    },
  )
  if (error || !binary) throw new Error(stderr?.toString() ?? String(error))
  return Buffer.from(binary).toString('base64')
}

if (process.argv[1]?.endsWith('kernel.mjs')) {
  const text = await compileKernel()
  writeFileSync(
    'core/recipe/kernel/kernelBytes.ts',
    `/** SHA-256 of the source this was made from. */\nexport const kernelSource = '${createHash('sha256').update(readFileSync(SOURCE)).digest('hex')}'\n` +
      `/** assembly/kernel.ts compiled by \`npm run kernel\`; base64 of a WebAssembly module. */\nexport const kernelBytes =\n  '${text}'\n`,
  )
  console.log(`${text.length} characters`)
}
