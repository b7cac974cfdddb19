import { clampedSkin } from './skin'
import type { Skin } from './skin'

/** A place of a face or body and how its skin differs from the forehead-and-cheek mean. */
export interface SkinZone {
  key: string
  name: string
  /** The same person's skin there: more or less blood, oxygen, melanin or depth, nothing else. */
  at: (skin: Skin) => Skin
}

/** Melanin goes by a power of its own factor on light skin: dark skin has more to lose on a palm. */
const palmMelanin = (melanin: number): number => Math.max(0.003, 0.012 * (melanin / 0.05) ** 0.45)

type Change = (skin: Skin) => Partial<Skin>

const zone = (key: string, name: string, change: Change): SkinZone => ({
  key,
  name,
  at: (skin) => clampedSkin({ ...skin, ...change(skin) }),
})

/**
 * Blood supply and melanin over the body; common practice and anatomy, no source for the sizes.
 * A thin vermilion shows its blood; palms and soles have a thick clear skin with little melanin; a
 * vein is dark blood seen through the dermis; stubble is cut hair under a clear skin; a scar is
 * dense fibre with few pigment cells.
 */
export const skinZones: readonly SkinZone[] = [
  zone('forehead', 'Forehead', (s) => ({ blood: s.blood * 0.8, melanin: s.melanin * 1.08 })),
  zone('nose', 'Nose', (s) => ({ blood: s.blood * 1.9, oxygenation: 0.8 })),
  zone('cheek', 'Cheek', (s) => ({ blood: s.blood * 1.5, oxygenation: 0.85 })),
  zone('ear', 'Ear', (s) => ({ blood: s.blood * 2.2, oxygenation: 0.85, depthUm: 50 })),
  zone('upper-lip', 'Upper lip', (s) => ({
    blood: s.blood * 3 + 0.012,
    oxygenation: 0.62,
    melanin: s.melanin ** 1.06,
    depthUm: 45,
  })),
  zone('lower-lip', 'Lower lip', (s) => ({
    blood: s.blood * 2.7 + 0.01,
    oxygenation: 0.75,
    melanin: s.melanin ** 1.12,
    depthUm: 40,
  })),
  zone('eye-socket', 'Eye socket', (s) => ({
    blood: s.blood * 1.7,
    oxygenation: 0.35,
    melanin: s.melanin * 1.25,
    depthUm: 50,
  })),
  zone('jaw', 'Jaw', (s) => ({ blood: s.blood * 0.85, melanin: s.melanin * 1.05 })),
  zone('stubble', 'Jaw, stubble', (s) => ({ blood: s.blood * 0.85, hair: 0.011 })),
  zone('hairline', 'Hairline', (s) => ({ blood: s.blood * 0.75, hair: 0.006 })),
  zone('neck', 'Neck', (s) => ({ blood: s.blood * 1.05, melanin: s.melanin * 0.85 })),
  zone('palm', 'Palm and sole', (s) => ({
    blood: s.blood * 1.5,
    oxygenation: 0.85,
    melanin: palmMelanin(s.melanin),
    depthUm: 70,
    carotene: (s.carotene ?? 10) + 6,
  })),
  zone('knuckle', 'Knuckle', (s) => ({ blood: s.blood * 1.6, melanin: s.melanin * 1.2 })),
  zone('elbow', 'Elbow and knee', (s) => ({
    blood: s.blood * 1.3,
    melanin: s.melanin * 1.3,
    depthUm: 75,
  })),
  zone('scar', 'Scar', (s) => ({
    blood: s.blood * 0.8 + 0.004,
    melanin: s.melanin * 0.45,
    scattering: 1.35,
  })),
  zone('vein', 'Vein', (s) => ({ blood: s.blood * 1.6 + 0.012, oxygenation: 0.05 })),
]
