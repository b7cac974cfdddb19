import { isIP } from 'node:net'

/**
 * Names by which a request may ask for what is not for everybody: this machine's own, addresses in numbers, which no
 * foreign page can have made its own name for, and those that were allowed by name.
 * @param allowed names parted by commas, as in `HOSTS=studio.lan,desk`.
 * @example namedHost('')('localhost:4173') // true
 */
export function namedHost(allowed = ''): (host: string | undefined) => boolean {
  const named = new Set(
    allowed
      .split(',')
      .map((name) => name.trim().toLowerCase())
      .filter(Boolean),
  )
  return (host) => {
    if (host === undefined || !URL.canParse(`http://${host}`)) return false
    const name = new URL(`http://${host}`).hostname.toLowerCase()
    const bare = name.replace(/^\[|\]$/g, '')
    return name === 'localhost' || isIP(bare) > 0 || named.has(name)
  }
}
