import type { Plugin } from 'vite'

/** How the helper that asks for a room's files ahead is told to; only a change of the bundler's could make it miss. */
const HOW = /const scriptRel = .*?;(?=const assetsURL)/s

/**
 * Has scripts asked for ahead as scripts instead of as modules. A module that is asked for as one is compiled while it
 * comes, and the browser then does without the compiled code it keeps (Chromium 156: 200 ms against 25 for 4,000
 * functions, in a page that begins anew).
 * @param first names of files that every page has, and only its scripts would ask for.
 */
export const askedAhead = (first: readonly string[]): Plugin => ({
  name: 'asked-ahead',
  apply: 'build',
  transform: {
    filter: { id: /vite\/preload-helper/ },
    handler: (code) => {
      if (!HOW.test(code)) throw new Error('the helper that asks for files ahead is another now')
      return code.replace(HOW, "const scriptRel = 'preload';")
    },
  },
  transformIndexHtml: {
    order: 'post',
    handler: (html, { bundle, chunk }) => ({
      html: html.replaceAll('rel="modulepreload"', 'rel="preload" as="script"'),
      tags: Object.values(bundle ?? {})
        .filter((one) => one.type === 'chunk' && (one === chunk || first.includes(one.name)))
        .map(({ fileName }) => ({
          tag: 'link',
          attrs: { rel: 'preload', as: 'script', crossorigin: true, href: `/${fileName}` },
          injectTo: 'head-prepend' as const,
        })),
    }),
  },
})
