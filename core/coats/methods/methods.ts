import { hideMethods } from './hides'
import type { Method } from './method'
import { skinMethods } from './skins'

/** Ready stacks to start from; each follows the ladder of the figure it is used on. */
export const methods: readonly Method[] = [...skinMethods, ...hideMethods]
