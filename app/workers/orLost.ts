import type { Remote } from 'comlink'

/** What is said where the file of a worker does not come. */
const AWAY =
  'a part of the application could not be loaded; load the page again, your work is saved'

/** A worker whose file does not come answers every question with why; without that it would be waited for in vain. */
export function orLost<Api>(remote: Remote<Api>, worker: Worker, forget: () => void): Remote<Api> {
  const lost = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => {
      // What a worker throws has words of its own and is answered by the call; a file that is away has none.
      if (event.message) return
      forget()
      reject(new Error(AWAY))
    })
  })
  lost.catch(() => undefined)
  return new Proxy(remote, {
    get(target, name) {
      const part = Reflect.get(target, name) as (...given: unknown[]) => Promise<unknown>
      if (typeof name === 'symbol' || name === 'then') return part
      return (...given: unknown[]) => Promise.race([part(...given), lost])
    },
  })
}
