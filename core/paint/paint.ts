import type { Finish } from './surface'
import type { Spread } from './uncertainty/spread'
import type { Mixture } from './mixture'

export type OpacityClass = 'opaque' | 'semi-opaque' | 'semi-transparent' | 'transparent'
type Origin = 'modelled from memory' | 'mixed' | 'calibrated' | 'estimated'
/** What a bottle is for; mediums, thinners and varnishes take no part in mixes of colour. */
export type PaintKind = 'paint' | 'translucent' | 'ink' | 'medium' | 'thinner' | 'varnish'

/** One bottle. `pigments` are Colour Index names, such as PR101. */
export interface Paint extends Mixture {
  id: string
  name: string
  pigments: string[]
  origin: Origin
  opacity: OpacityClass
  /** Keys into `cautions`. */
  hazards: HazardKey[]
  /** Of a bottle filled from others: which, by id. */
  madeOf?: readonly { paint: string; drops: number }[]
  /** A plain paint when not given. */
  kind?: PaintKind
  /** How it dries, where that was told. */
  finish?: Finish
  /** How far the curves may be off; that of a starter paint when not given. */
  spread?: Spread
}

export type HazardKey =
  | 'cadmium'
  | 'cobalt'
  | 'chromium'
  | 'manganese'
  | 'vanadium'
  | 'copper'
  | 'lead'
  | 'nickel'
  | 'solvent'
