import type { Tone } from '../../../core'
import { beast } from './beast'
import { person } from './person'
import type { Drawing } from './placeShape'

/** Skin is a person's, a hide a creature's. */
export const drawingOf = ({ kind }: Pick<Tone, 'kind'>): Drawing =>
  kind === 'hide' ? beast : person
