/** So much of a reason is said at most, letters. */
const MOST = 200

/** What engines say of bytes that are not what they should be, and what that means to whoever gave the file. */
const engines: readonly (readonly [RegExp, string])[] = [
  [
    /DRACO|MeshoptDecoder|KTX2/i,
    'it is compressed in a way that is not read here; export it without',
  ],
  [/call stack/i, 'it is nested too deeply'],
  [
    /typed array length|outside the bounds|out of bounds|byte length|offset is out|array buffer allocation/i,
    'it is damaged or cut short',
  ],
]

/**
 * Why something failed, in words, and what helps where that is known: an engine's own words say nothing to a painter, a
 * full disk has none at all.
 * @example failureWords(new DOMException('', 'QuotaExceededError')) // "its room for this site is full. Delete …"
 */
export function failureWords(error: unknown): string {
  const { name = '', message = '' } = (error ?? {}) as Partial<Error>
  if (name === 'QuotaExceededError')
    return `its room for this site is full${message ? `: ${message}` : ''}. Delete pictures or commissions that are packed elsewhere`
  if (name === 'SecurityError' || name === 'InvalidStateError')
    return `site data is blocked or this is a private window${message ? `: ${message}` : ''}. Allow site data for this address`
  const known = engines.find(([says]) => says.test(message))
  if (known) return known[1]
  const said = message.trim() || name.trim() || 'the browser did not say why'
  return said.length > MOST ? `${said.slice(0, MOST - 1)}…` : said
}
