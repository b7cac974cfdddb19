import type { Tone } from '../tone/tone'
import type { DoneMove, DryingTimer, LogEntry, MixedWell } from './bench'
import type { Bottle, OwnPaint } from './bottle'
import type { Figure } from './figure'
import type { StoredPuddle } from './storedPuddle'

/** The version of the project file that is written; older ones are migrated when they are read. */
export const VERSION = 5

/** Figures that belong together: a people, a warband, a pack. */
export interface FigureGroup {
  id: string
  name: string
}

/** A tone put by under a name, to be used on other figures. */
export interface KeptTone {
  name: string
  tone: Tone
}

/** One commission, as it is kept; docs/project-file.md describes its file. */
export interface Project {
  format: 'cobaltfinch-project'
  version: typeof VERSION
  /** Made once; the commission's address in the application. */
  id: string
  name: string
  /** The figure that is open, where there is one. */
  figure?: string
  /** Paints that stay out of every plan, by id. */
  out: string[]
  /** Only bottles that are marked as owned are mixed from. */
  ownedOnly?: boolean
  /** The few bottles on the table; any that is in when not given. */
  palette?: string[]
  figures: Figure[]
  groups?: FigureGroup[]
  /** Mixes on the palettes: of one figure each, or of the whole commission. */
  puddles?: StoredPuddle[]
  /** The painter's own paints, and what is known of bottles, by paint id. */
  box?: OwnPaint[]
  bottles?: Record<string, Bottle>
  log?: LogEntry[]
  /** Tones put by under a name. */
  tones?: KeptTone[]
  /** Where the painter stands at the bench. */
  done?: DoneMove[]
  mixed?: MixedWell[]
  timers?: DryingTimer[]
}
