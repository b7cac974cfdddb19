import type { Mixture } from '../paint/mixture'
import type { NamedFault } from '../project/critique'
import type { SeenFrom } from '../project/seenFrom'
import type { Lab } from '../colour/lab'
import type { Lighting } from '../project/lighting'
import { ladderTargets } from '../ladder/targets'
import type { SeenRow } from '../range/apart'
import type { Mask, Picture } from '../tone/picture/picture'
import { baseReflectance } from '../tone/tone'
import type { Tone } from '../tone/tone'
import { critique } from './critique'
import type { Critique } from './critique'
import { mendSkin, paintedAs } from './mendSkin'
import type { SkinMove, SkinPuddle } from './mendSkin'
import { nearestAlike, setApartByGlaze } from './neighbours'
import type { Alike } from './neighbours'
import { readPaintedSkin } from './skinReading'
import type { ShownNeutral } from './skinReading'

/** What a photograph is judged by. */
export interface CriticRequest {
  mask: Mask | undefined
  neutral: ShownNeutral
  puddles: SkinPuddle[]
  bottles: ReadonlyMap<string, Mixture>
  sizeMm: number
  from: SeenFrom
  /** The other figures of the commission. */
  others: readonly { name: string; tone: Tone; lighting: Lighting; sizeMm: number }[]
}

export interface CriticAnswer {
  off: number
  /** Whether the neutral told how light the paint is. */
  exposed: boolean
  lost: number
  /** Colours of the skin as read, at equal shares, dark to light. */
  strip: Lab[]
  faults: { fault: NamedFault; before: number; after: number; moves: SkinMove[] }[]
  alike?: Alike & { name: string; move?: SkinMove }
}

/** So many colours of a photograph are shown. */
const STRIP = 12

const rowOf = ({ tone, lighting, sizeMm }: CriticRequest['others'][number]): SeenRow => {
  const steps = ladderTargets(baseReflectance(tone), lighting)
  return {
    steps: steps.map(({ target, share }) => ({ lab: target, share })),
    base: steps.findIndex(({ key }) => key === 'base'),
    sizeMm,
  }
}

function alikeOf(
  request: CriticRequest,
  { planned, painted }: Pick<Critique, 'planned' | 'painted'>,
): CriticAnswer['alike'] {
  const rows = request.others.map(rowOf)
  const found = nearestAlike(painted, rows, request)
  if (!found) return undefined
  const surfaces = request.puddles.map((puddle, i) => ({
    ...puddle,
    reflectance: paintedAs(puddle, planned[i]!, painted[i]!.lab),
  }))
  const move = setApartByGlaze(surfaces, rows[found.other]!, request, request.bottles)
  return { ...found, name: request.others[found.other]!.name, ...(move ? { move } : {}) }
}

/**
 * The critic's whole answer: what was read, what is wrong with its mends, and whom the figure reads like.
 * @throws RangeError when the photograph cannot be read; the message says why.
 * @example judgePhotograph(cardPicture, { mask: undefined, neutral: { x: 2, y: 2, is: 'other' }, puddles, bottles: new Map(), sizeMm: 54, from: 'table', others: [] }).strip.length // 12
 */
export function judgePhotograph(picture: Picture, request: CriticRequest): CriticAnswer {
  const { mask, neutral, puddles, bottles } = request
  const reading = readPaintedSkin(picture, { mask, neutral })
  const found = critique(puddles, reading)
  const { off, faults, planned } = found
  const each = reading.ranks.length / STRIP
  const alike = reading.exposed ? alikeOf(request, found) : undefined
  return {
    off,
    exposed: reading.exposed,
    lost: reading.lost,
    strip: Array.from({ length: STRIP }, (_, i) => reading.ranks[Math.floor((i + 0.5) * each)]!),
    faults: faults.map((one) => ({
      fault: one.fault,
      before: one.before,
      after: one.after,
      moves: mendSkin(puddles, planned, one, bottles),
    })),
    ...(alike ? { alike } : {}),
  }
}
