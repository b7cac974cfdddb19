import {
  chain,
  cut,
  ellipsoid,
  embossed,
  joined,
  mirrored,
  pressed,
  shell,
  spot,
  taper,
} from './distance'
import type { Distance } from './distance'
import { bust } from './bust'
import type { HeadTraits } from './headTraits'

const EYE = [0.116, 0.455, 0.264] as const
const EYE_R = 0.058

/** Ball, two lids over it and the fold above: the eye as it is seen half open. */
function eye({ age, gaunt }: HeadTraits): Distance {
  const [x, y, z] = EYE
  const ball = ellipsoid(x, y, z, EYE_R, EYE_R, EYE_R)
  const lid = shell(ellipsoid(x, y, z, EYE_R + 0.006, EYE_R + 0.006, EYE_R + 0.006), 0.011)
  const droop = 0.006 * age
  const upper = cut(
    lid,
    [0.12, -0.94, 0.3],
    -0.94 * (y + 0.017 - droop) + 0.3 * z + 0.12 * x,
    0.006,
  )
  const lower = cut(lid, [0.06, 0.96, 0.26], 0.96 * (y - 0.026) + 0.26 * z + 0.06 * x, 0.006)
  const corner = ellipsoid(0.064, 0.447, 0.305, 0.014, 0.01, 0.012)
  const bag = taper(
    [0.08, 0.405, 0.315],
    [0.15, 0.412, 0.295],
    0.008 + 0.012 * age,
    0.006 + 0.008 * age,
  )
  const lids = joined(0.006, upper, lower)
  const soft = joined(0.012, lids, corner)
  const bagged = age + gaunt > 0.2 ? joined(0.02, soft, bag) : soft
  return joined(0.002, ball, bagged)
}

function nose({ tusked, age }: HeadTraits): Distance {
  const flat = 0.035 * tusked
  const tip = 0.452 - flat
  const body = joined(
    0.035,
    chain(0.03, [0, 0.512, 0.315, 0.024], [0, 0.42, 0.372, 0.028], [0, 0.33, 0.425 - flat, 0.034]),
    ellipsoid(0, 0.29 - 0.012 * age, tip, 0.042 + 0.02 * tusked, 0.038, 0.042),
    ellipsoid(0.052 + 0.016 * tusked, 0.275, 0.392 - 0.5 * flat, 0.031, 0.031, 0.04),
  )
  return pressed(
    body,
    0.012,
    // Nostril, and the fold behind its wing.
    ellipsoid(0.028 + 0.012 * tusked, 0.25, 0.425 - flat, 0.015, 0.016, 0.026),
    taper(
      [0.084 + 0.016 * tusked, 0.3, 0.365],
      [0.086 + 0.016 * tusked, 0.258, 0.36],
      0.008,
      0.008,
    ),
  )
}

function mouth(face: Distance, { age, gaunt, tusked }: HeadTraits): Distance {
  const full = 1 - 0.55 * age - 0.4 * gaunt + 0.25 * tusked
  const out = 0.02 * tusked
  const upper = joined(
    0.014,
    taper([0.014, 0.187, 0.375 + out], [0.1, 0.166, 0.322 + out], 0.012 + 0.009 * full, 0.008),
    ellipsoid(0, 0.18, 0.384 + out, 0.014, 0.012 + 0.006 * full, 0.02),
  )
  const lower = joined(
    0.02,
    taper([0, 0.142, 0.372 + out], [0.09, 0.157, 0.326 + out], 0.016 + 0.012 * full, 0.009),
  )
  const lips = joined(0.02, face, upper, lower)
  return pressed(
    lips,
    0.01,
    // The line between the lips, the corners, the groove under the nose and that under the lip.
    chain(
      0.01,
      [0, 0.164, 0.408 + out, 0.005],
      [0.055, 0.165, 0.382 + out, 0.005],
      [0.105, 0.161, 0.33, 0.006],
    ),
    ellipsoid(0.112, 0.159, 0.33, 0.012, 0.014, 0.016),
    taper([0, 0.238, 0.412], [0, 0.203, 0.412 + out], 0.009, 0.011),
    ellipsoid(0, 0.1, 0.392 + 0.5 * out, 0.05, 0.014, 0.026),
  )
}

function ear({ tusked }: HeadTraits): Distance {
  const long = joined(
    0.02,
    pressed(
      ellipsoid(0.335, 0.42, -0.06, 0.026, 0.098, 0.062),
      0.014,
      ellipsoid(0.357, 0.43, -0.05, 0.02, 0.066, 0.036),
      ellipsoid(0.35, 0.37, -0.03, 0.018, 0.022, 0.02),
    ),
    // Rim, inner fold, the flap before the hole, and the lobe.
    chain(
      0.01,
      [0.345, 0.43, 0.0, 0.012],
      [0.352, 0.505, -0.03, 0.013],
      [0.356, 0.5, -0.09, 0.013],
      [0.35, 0.42, -0.118, 0.012],
      [0.338, 0.345, -0.075, 0.011],
    ),
    chain(
      0.01,
      [0.352, 0.47, -0.05, 0.009],
      [0.35, 0.41, -0.075, 0.011],
      [0.344, 0.365, -0.055, 0.009],
    ),
    ellipsoid(0.337, 0.4, 0.0, 0.012, 0.02, 0.012),
    ellipsoid(0.332, 0.335, -0.035, 0.018, 0.026, 0.022),
  )
  if (tusked === 0) return long
  const blade = pressed(
    chain(0.04, [0.3, 0.4, -0.05, 0.075], [0.5, 0.49, -0.12, 0.06], [0.78, 0.62, -0.2, 0.012]),
    0.025,
    chain(0.03, [0.36, 0.42, 0.02, 0.035], [0.52, 0.5, -0.05, 0.034], [0.68, 0.575, -0.13, 0.012]),
  )
  return joined(0.03, blade, ellipsoid(0.33, 0.37, 0.0, 0.02, 0.04, 0.03))
}

/** Lines of age as a relief: brow, corners of the eye, beside nose and mouth, neck. */
function lines(age: number): Distance {
  const brow = spot([0, 0.66, 0.33], 0.3)
  const crow = spot([0.2, 0.46, 0.22], 0.1)
  const fold = taper([0.092, 0.275, 0.36], [0.135, 0.13, 0.31], 0.001, 0.001)
  const pouch = taper([0.12, 0.09, 0.3], [0.14, 0.03, 0.22], 0.001, 0.001)
  return (x, y, z) => {
    const bow = y + 0.25 * x * x - 0.01 * Math.cos(11 * x)
    let d = 0.0075 * brow(x, y, z) * Math.cos(120 * bow)
    d += 0.005 * crow(x, y, z) * Math.cos(230 * (y - 0.455) * (1 + 2 * (x - 0.15)))
    const near = (line: Distance, width: number): number => {
      const t = Math.max(0, 1 - line(x, y, z) / width)
      return t * t * (3 - 2 * t)
    }
    d -= 0.014 * near(fold, 0.024) + 0.009 * near(pouch, 0.024)
    return age * d
  }
}

/** Head and shoulders, one source for all: what it is like is in its traits. */
function head(traits: HeadTraits): Distance {
  const { brow, jaw, gaunt, age, tusked } = traits
  const skull = joined(
    0.09,
    ellipsoid(0, 0.575, -0.09, 0.312, 0.345, 0.385),
    ellipsoid(0, 0.36, 0.08, 0.232, 0.33, 0.268),
    ellipsoid(0, 0.66, 0.14, 0.235, 0.18, 0.195),
  )
  const bones = joined(
    0.06,
    skull,
    // Jaw from under the ear to the chin, and the chin itself.
    chain(
      0.05,
      [0.225 + 0.03 * jaw, 0.29, -0.04, 0.066],
      [0.205 + 0.04 * jaw, 0.165, 0.02, 0.062],
      [0.07, 0.045 - 0.01 * jaw, 0.262 + 0.03 * tusked, 0.062],
    ),
    ellipsoid(0, 0.035 - 0.012 * jaw, 0.292 + 0.035 * tusked, 0.06 + 0.025 * jaw, 0.05, 0.052),
    ellipsoid(0, 0.175, 0.245, 0.135, 0.105, 0.11),
    // Cheekbone, and the flesh before it.
    chain(
      0.04,
      [0.13, 0.36, 0.262, 0.052],
      [0.215, 0.372, 0.175, 0.044],
      [0.272, 0.405, 0.03, 0.034],
    ),
    ellipsoid(0.125, 0.29, 0.262, 0.085, 0.075, 0.07),
  )
  const hollowed = pressed(
    bones,
    0.06,
    // Under the brow, beside it, and below the cheekbone.
    ellipsoid(0.12, 0.462, 0.352, 0.078, 0.05, 0.072),
    ellipsoid(0.345, 0.55, 0.16, 0.06, 0.1, 0.1),
    ellipsoid(0.262 - 0.05 * gaunt, 0.225, 0.2, 0.05 + 0.035 * gaunt, 0.095 + 0.02 * gaunt, 0.095),
    ...(gaunt > 0
      ? [
          ellipsoid(0.118, 0.452, 0.36, 0.075, 0.06 * gaunt, 0.08),
          ellipsoid(0.315, 0.56, 0.17, 0.07 * gaunt, 0.1, 0.1),
        ]
      : []),
  )
  const ridge = joined(
    0.035,
    hollowed,
    chain(
      0.03,
      [0.03, 0.54 - 0.014 * brow, 0.318 + 0.016 * brow, 0.014 + 0.022 * brow],
      [0.12, 0.556, 0.294 + 0.026 * brow, 0.016 + 0.024 * brow],
      [0.212, 0.515, 0.205 + 0.02 * brow, 0.015 + 0.016 * brow],
    ),
  )
  const nosed = joined(0.028, ridge, nose(traits))
  const lipped = mouth(nosed, traits)
  const eyed = joined(0.01, lipped, eye(traits))
  const eared = joined(0.012, eyed, ear(traits))
  const aged = age > 0 ? embossed(eared, lines(age)) : eared
  const half = joined(0.05, aged, bust(traits))
  const tusk =
    tusked > 0
      ? chain(
          0.01,
          [0.098, 0.135, 0.335, 0.024],
          [0.112, 0.185, 0.382, 0.02],
          [0.118, 0.25, 0.385, 0.004],
        )
      : undefined
  return mirrored(tusk ? joined(0.006, half, tusk) : half)
}

const plain: HeadTraits = { brow: 0.15, jaw: 0.2, gaunt: 0, age: 0, tusked: 0 }
export const young = (): Distance => head(plain)
export const old = (): Distance => head({ brow: 0.8, jaw: 0.5, gaunt: 0.45, age: 1, tusked: 0 })
export const gauntHead = (): Distance =>
  head({ brow: 0.5, jaw: 0.1, gaunt: 1, age: 0.35, tusked: 0 })
export const tuskedHead = (): Distance =>
  head({ brow: 1, jaw: 1, gaunt: 0.1, age: 0.25, tusked: 1 })
