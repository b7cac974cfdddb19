import { blankFigure } from '../../../core'
import type { Tone } from '../../../core'
import { stripOf } from '../../stores/shelf/summaryOf'

/** Colours of the ladder that a tone begins with, dark to light. */
export const stripOfTone = (tone: Tone): string[] => stripOf(blankFigure('tone', { tone }))
