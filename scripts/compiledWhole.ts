import type { Plugin } from 'vite'

/** What browsers of that kind read at the top of a script; others take it for any comment. */
const HINT = '//# allFunctionsCalledOnLoad\n'

/**
 * Has files compiled whole as they are read, and so kept whole among the compiled code the browser keeps. Else it
 * keeps what had run when a file was read, and reads and compiles the rest, some 700 functions, at every visit
 * (Chromium 156). For files of which most is called as a room opens: what is never called costs more than it saves.
 * @param names of the files, without their marks.
 * @throws Error when no file of a name is made.
 */
export const compiledWhole = (names: readonly string[]): Plugin => ({
  name: 'compiled-whole',
  apply: 'build',
  generateBundle: {
    order: 'post',
    handler(_, bundle) {
      for (const name of names) {
        const chunk = Object.values(bundle).find((one) => one.type === 'chunk' && one.name === name)
        if (chunk?.type !== 'chunk') throw new Error(`no file ${name} is made; the hint is lost`)
        chunk.code = HINT + chunk.code
      }
    },
  },
})
