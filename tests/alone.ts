/**
 * Each file of tests is a browser of its own: they run as threads of one process, where a channel between windows would
 * reach from one into the other. Who tests two windows gives them a channel of their own.
 */
Reflect.deleteProperty(globalThis, 'BroadcastChannel')
