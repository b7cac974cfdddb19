import type { KeptTone } from '../../project/commission'

/**
 * Named tones as a JSON file.
 * @example formatTones([{ name: 'Bram', tone }]).includes('Bram') // true
 */
export const formatTones = (tones: readonly KeptTone[]): string =>
  JSON.stringify({ format: 'cobaltfinch-tones', version: 1, tones }, null, 2) + '\n'
