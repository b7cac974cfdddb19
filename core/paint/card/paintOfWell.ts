import { flatSpectrum } from '../../colour/spectrum'
import { calibratePaint } from '../calibration/calibratePaint'
import type { Paint } from '../paint'
import { PAPER } from './layout'
import type { WellReading } from './readCard'

/** Reflectance of the card's black half as it is printed (from memory). */
const PRINTED_BLACK = 0.04

/**
 * The paint drawn across a well, from its film over the card's black and its paper.
 * @param thicknessUm of the dry film, µm.
 * @throws CalibrationError naming what does not go together.
 * @example paintOfWell(readCard(cardPicture, cardCorners).wells[0], 20, { id: 'sand', name: 'sand' }).id // "sand"
 */
export const paintOfWell = (
  { overBlack, overWhite }: Pick<WellReading, 'overBlack' | 'overWhite'>,
  thicknessUm: number,
  about: Pick<Paint, 'id' | 'name'>,
): Paint =>
  calibratePaint(
    [
      { kind: 'film', thicknessUm, over: flatSpectrum(PRINTED_BLACK), lab: overBlack },
      { kind: 'film', thicknessUm, over: flatSpectrum(PAPER), lab: overWhite },
    ],
    about,
  )
