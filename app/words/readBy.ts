import type { ReadBy } from '../../core'

/** How a mix was read, as it stands after its number. */
export const readByWords: Readonly<Record<ReadBy, string>> = {
  reader: 'by a reader',
  'stand-in': 'by the stand-in, made up',
  value: 'as an instrument’s numbers',
  photograph: 'off a photograph with a grey',
  'photograph without grey': 'off a photograph or screen',
  eye: 'by eye',
}
