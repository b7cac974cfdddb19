import { wrap } from 'comlink'
import type { Remote } from 'comlink'
import type { BoxApi } from './boxWorker'

let thread: Remote<BoxApi> | undefined

/** The one worker behind the box, started when it is first asked. */
export const boxThread = (): Remote<BoxApi> =>
  (thread ??= wrap<BoxApi>(
    new Worker(new URL('./boxWorker.ts', import.meta.url), { type: 'module' }),
  ))
