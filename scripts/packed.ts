import { readdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'

/** Kinds of file that become smaller. */
const SHRINKS = /\.(js|css|html|svg|json|webmanifest|glb|wasm)$/
/** Smaller ones fit one packet as they are. */
const LEAST_BYTES = 1200

/** Compresses what was built, once, beside it (`.br`, `.gz`), so that no visit waits for it. */
export async function packFiles(dir: string): Promise<number> {
  const names = (await readdir(dir, { recursive: true })).filter((name) => SHRINKS.test(name))
  const packed = await Promise.all(
    names.map(async (name) => {
      const bytes = await readFile(join(dir, name))
      if (bytes.length < LEAST_BYTES) return 0
      const params = {
        [constants.BROTLI_PARAM_QUALITY]: 9,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
      }
      await writeFile(join(dir, `${name}.br`), await promisify(brotliCompress)(bytes, { params }))
      await writeFile(join(dir, `${name}.gz`), await promisify(gzip)(bytes, { level: 9 }))
      return 1
    }),
  )
  return packed.filter(Boolean).length
}
