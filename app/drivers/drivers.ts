import { httpReader } from './httpReader'
import type { ReaderDriver } from './readerDriver'

/** The reader that is on the bench: another driver is put here. */
export const driver: ReaderDriver = httpReader('/reader', 'stand-in for a reader', true)
