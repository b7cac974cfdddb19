import type { Project } from './commission'
import { VERSION } from './commission'
import type { FigurePlan } from './plan'
import type { Figure } from './figure'
import { usualSize } from './figureSize'
import { plainLighting } from './lighting'
import type { Tone } from '../tone/tone'

/**
 * A plan as it is before anything was chosen.
 * @example blankPlan().maxPaints > 0 // true
 */
export const blankPlan = (): FigurePlan => ({
  ...plainLighting,
  maxPaints: 3,
})

/** A weathered tan: somewhere to start from. */
export const plainTone: Tone = {
  kind: 'skin',
  melanin: 0.052,
  blood: 0.036,
  oxygenation: 0.78,
  carotene: 14,
}

/**
 * A figure of which nothing is known yet.
 * @example blankFigure('f1', { name: 'Troll', kind: 'creature', many: 4 })
 */
export const blankFigure = (id: string, known: Partial<Omit<Figure, 'id'>> = {}): Figure => ({
  name: 'New figure',
  note: '',
  kind: 'person',
  size: usualSize,
  many: 1,
  tone: plainTone,
  plan: blankPlan(),
  ...known,
  id,
})

/**
 * A commission without figures.
 * @example blankCommission('low-tide', 'Low Tide').figures.length // 0
 */
export const blankCommission = (
  id: string,
  name: string,
  known: Partial<Omit<Project, 'id' | 'name' | 'format' | 'version'>> = {},
): Project => ({
  format: 'cobaltfinch-project',
  version: VERSION,
  name,
  out: [],
  figures: [],
  ...known,
  id,
})
