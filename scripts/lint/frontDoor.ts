import { readdirSync, readFileSync } from 'node:fs'

/** From here on the front door names what only other programs call. */
export const FOR_OTHERS = '/* For other programs'

const listed = (text: string): string[] =>
  [...text.matchAll(/export (?:type )?\{([^}]*)\} from/g)]
    .flatMap(([, names]) => names!.split(','))
    .map((name) => name.trim().split(' as ').at(-1)!)
    .filter(Boolean)

/** Names of the front door that stand in the wrong of its two lists. */
export function misplaced(door: string, outside: string): string[] {
  const [ours = '', others = ''] = door.split(FOR_OTHERS)
  const named = new Set(outside.match(/\w+/g))
  return [
    ...listed(ours).flatMap((name) => (named.has(name) ? [] : `${name} is named by nobody`)),
    ...listed(others).flatMap((name) => (named.has(name) ? `${name} is named by us` : [])),
  ]
}

if (process.argv[1]?.endsWith('frontDoor.ts')) {
  const outside = ['app', 'server', 'demo', 'scripts', 'tests'].flatMap((folder) =>
    readdirSync(folder, { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.(ts|vue|mjs)$/.test(file) && !file.endsWith('fixtures/frontDoor.ts'))
      .map((file) => readFileSync(`${folder}/${file}`, 'utf8')),
  )
  const wrong = misplaced(readFileSync('core/index.ts', 'utf8'), outside.join('\n'))
  for (const one of wrong) console.error(`core/index.ts: ${one}; see “For other programs” there`)
  process.exitCode = wrong.length > 0 ? 1 : 0
}
