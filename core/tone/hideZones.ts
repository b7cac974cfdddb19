import { shifted } from './hide'
import type { Hide } from './hide'

export interface HideZone {
  key: string
  name: string
  at: (hide: Hide) => Hide
}

const more = (value: number | undefined, by: number): number => Math.min(1, (value ?? 0) + by)

/** Where a hide is lighter, darker, bloodier or staler; lips and knuckles tie it to flesh (T21). */
export const hideZones: readonly HideZone[] = [
  { key: 'flank', name: 'Flank', at: (hide) => hide },
  { key: 'back', name: 'Back', at: (hide) => shifted(hide, -(hide.back ?? 8)) },
  { key: 'belly', name: 'Belly', at: (hide) => shifted(hide, hide.belly ?? 10) },
  { key: 'throat', name: 'Throat', at: (h) => ({ ...shifted(h, 6), blood: more(h.blood, 0.15) }) },
  { key: 'lip', name: 'Lips, mouth', at: (h) => ({ ...h, blood: more(h.blood, 0.85) }) },
  { key: 'nose', name: 'Nose', at: (h) => ({ ...h, blood: more(h.blood, 0.4) }) },
  { key: 'knuckle', name: 'Knuckles', at: (h) => ({ ...h, blood: more(h.blood, 0.35) }) },
  {
    key: 'socket',
    name: 'Eye socket',
    at: (h) => ({ ...shifted(h, -6), blood: more(h.blood, 0.25), stale: 0.9 }),
  },
  { key: 'joint', name: 'Joints', at: (h) => ({ ...shifted(h, -3), bile: more(h.bile, 0.35) }) },
  { key: 'scar', name: 'Scar', at: (h) => ({ ...h, pallor: more(h.pallor, 0.5) }) },
]
