import { describe, expect, it } from 'vitest'
import { askedAhead } from './askedAhead'

interface Hooks {
  transform: { handler: (code: string) => string }
  transformIndexHtml: {
    handler: (html: string, made: object) => { html: string; tags: { attrs: { href: string } }[] }
  }
}
const { transform, transformIndexHtml } = askedAhead(['shared']) as unknown as Hooks

describe('what is asked for ahead', () => {
  it('is asked for as a script by the page: its own file, what every page has, what these need', () => {
    const chunk = { type: 'chunk', name: 'index', fileName: 'assets/index.js' }
    const others = ['shared', 'LadderView'].map((name) => ({
      type: 'chunk',
      name,
      fileName: `assets/${name}.js`,
    }))
    const sheet = { type: 'asset', name: 'shared', fileName: 'assets/style.css' }
    const { html, tags } = transformIndexHtml.handler(
      '<link rel="modulepreload" crossorigin href="/assets/ask.js">',
      { chunk, bundle: Object.fromEntries([chunk, ...others, sheet].map((one, i) => [i, one])) },
    )
    expect(html).toBe('<link rel="preload" as="script" crossorigin href="/assets/ask.js">')
    expect(tags.map(({ attrs }) => attrs)).toEqual(
      ['index', 'shared'].map((name) => ({
        rel: 'preload',
        as: 'script',
        crossorigin: true,
        href: `/assets/${name}.js`,
      })),
    )
  })

  it('is asked for as a script by rooms; another helper of the bundler’s is refused, not left as it is', () => {
    const code = "const scriptRel = (() => 'modulepreload')();const assetsURL = (dep) => '/' + dep;"
    expect(transform.handler(code)).toBe(
      "const scriptRel = 'preload';const assetsURL = (dep) => '/' + dep;",
    )
    expect(() => transform.handler('const rel = 1')).toThrow('another now')
  })
})
