/**
 * A text as a short name of letters, digits and hyphens, as ids and file names want it.
 * @param otherwise what it is when nothing of the text is left.
 * @example slugOf('Bone White (old)', 'paint') // "bone-white-old"
 */
export const slugOf = (text: string, otherwise: string, most = 60): string =>
  text
    .normalize('NFKD')
    .replace(/[^\w-]+/g, '-')
    .toLowerCase()
    .slice(0, most)
    .replace(/^-+|-+$/g, '') || otherwise

/**
 * The same with a number behind it, from 2 on, while something else has that name.
 * @example freeId('sand', (id) => id === 'sand') // "sand-2"
 */
export function freeId(name: string, taken: (id: string) => boolean): string {
  let id = name
  for (let n = 2; taken(id); n++) id = `${name}-${n}`
  return id
}
