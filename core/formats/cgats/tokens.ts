/** A word of a CGATS file and the line it stands on, counted from 1. */
export interface Token {
  text: string
  line: number
}

/** Splits into words: quotes hold spaces, # starts a comment (CGATS.17, 4). */
export function tokensOf(text: string): Token[] {
  const tokens: Token[] = []
  text.split(/\r\n|\r|\n/).forEach((row, i) => {
    for (const [, quoted, plain] of row.matchAll(/"([^"]*)"|(#.*$|[^\s"#]+)/g))
      if (quoted !== undefined) tokens.push({ text: quoted, line: i + 1 })
      else if (!plain!.startsWith('#')) tokens.push({ text: plain!, line: i + 1 })
  })
  return tokens
}
