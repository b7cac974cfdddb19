import type { DabKey } from '../../core'

/** A dab beside the aim, as one says what the well looks like. */
export const dabWords: Readonly<Record<DabKey, string>> = {
  darker: 'darker',
  lighter: 'lighter',
  redder: 'redder',
  greener: 'greener',
  yellower: 'yellower',
  bluer: 'bluer',
  greyer: 'greyer',
}
