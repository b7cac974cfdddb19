import { opacityOf } from '../hiding'
import { mixPaints } from '../mix'
import type { Paint } from '../paint'
import { burntSienna } from './burntSienna'
import { burntUmber } from './burntUmber'
import { naphtholRed } from './naphtholRed'
import { redIronOxide } from './redIronOxide'
import { titaniumWhite } from './titaniumWhite'
import { yellowOchre } from './yellowOchre'

/** A bottle filled from others by volume; pigments and cautions are those of its parts. */
function bottled(id: string, name: string, parts: { paint: Paint; drops: number }[]): Paint {
  const mixture = mixPaints(parts)
  return {
    ...mixture,
    id,
    name,
    pigments: [...new Set(parts.flatMap(({ paint }) => paint.pigments))],
    hazards: [...new Set(parts.flatMap(({ paint }) => paint.hazards))],
    madeOf: parts.map(({ paint, drops }) => ({ paint: paint.id, drops })),
    origin: 'mixed',
    opacity: opacityOf(mixture),
  }
}

/** Ready flesh, defined from the starter pigments; proportions are ours, common practice. */
export const fleshMixes: readonly Paint[] = [
  bottled('pale-flesh', 'pale flesh', [
    { paint: titaniumWhite, drops: 20 },
    { paint: yellowOchre, drops: 2 },
    { paint: naphtholRed, drops: 1 },
  ]),
  bottled('warm-flesh', 'warm flesh', [
    { paint: titaniumWhite, drops: 8 },
    { paint: yellowOchre, drops: 3 },
    { paint: redIronOxide, drops: 1 },
  ]),
  bottled('deep-flesh', 'deep flesh', [
    { paint: burntSienna, drops: 6 },
    { paint: burntUmber, drops: 3 },
    { paint: titaniumWhite, drops: 2 },
    { paint: yellowOchre, drops: 2 },
  ]),
]
