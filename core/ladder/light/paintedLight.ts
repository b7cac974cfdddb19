import { bisect } from '../../numbers/bisect'
import { KAPPA, labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { smoothestReflectance } from '../../colour/smoothest'
import type { Spectrum } from '../../colour/spectrum'
import { weightsOf } from '../../colour/weights'
import { usual } from '../../project/lighting'
import type { Lighting } from '../../project/lighting'
import { keyLight, withLuminance } from './keyLight'
import { lightSchools, shadowSchools } from './schools'

/** The darkest and the lightest a painted step goes: matt black and white leave no room beyond. */
export const FLOOR_L = 9
export const CEILING_L = 95
/** Nothing reflects more than all light; what a paint surface lets through at most. */
const MOST = 0.96
/** Chroma of the complement that a shadow is turned toward. */
const COMPLEMENT_CHROMA = 30

const { y } = weightsOf()
/** Luminance of a colour with every band times `gain`, none above `most`; white is 1. Ladders ask for it by thousands. */
function luminance(reflectance: Spectrum, gain = 1, most = Infinity): number {
  let sum = 0
  for (let i = 0; i < y.length; i++) sum += y[i]! * Math.min(most, reflectance[i]! * gain)
  return sum / 100
}
const luminanceOfL = (L: number): number => (L > 8 ? ((L + 16) / 116) ** 3 : L / KAPPA)

/** Scales a colour to a luminance; bands are held under the most that a surface gives. */
function scaled(colour: Spectrum, wanted: number): Spectrum {
  const simple = wanted / luminance(colour)
  const result = colour.map((v) => v * simple)
  if (result.every((v) => v <= MOST)) return result
  const held = (gain: number): Spectrum => colour.map((v) => Math.min(MOST, v * gain))
  return held(
    bisect(simple, 40 * simple, (gain) => luminance(colour, gain, MOST) >= wanted, 24).high,
  )
}

const made = new Map<string, Spectrum>()
function colourOf({ L, a, b }: Lab): Spectrum {
  const key = `${L} ${a.toFixed(1)} ${b.toFixed(1)}`
  const known = made.get(key) ?? smoothestReflectance({ L, a, b })
  if (made.size > 200) made.clear()
  made.set(key, known)
  return known
}

/** What shadows are seen through at full turn. */
function shadowFilter(base: Spectrum, baseLab: Lab, lighting: Lighting): Spectrum {
  const school = lighting.shadow ?? (lighting.turn < 0 ? 'blue-green' : 'violet')
  const { toward } = shadowSchools[school]
  if (toward) return colourOf(toward)
  if (school === 'paint' && lighting.shadowTint)
    return lighting.shadowTint.map((r) => Math.max(0.02, r))
  if (school === 'complement') {
    const chroma = Math.max(1, Math.hypot(baseLab.a, baseLab.b))
    const share = -COMPLEMENT_CHROMA / chroma
    return colourOf({ L: 65, a: share * baseLab.a, b: share * baseLab.b })
  }
  return base.map((r) => Math.max(0.01, r) ** 0.6)
}

/** The painted skin as light falls on it less and more: one colour for every lightness. */
export interface LightPath {
  base: Spectrum
  baseLab: Lab
  /** Reflectance to paint where the skin shall look as light as L*. */
  at(L: number): Spectrum
  /** Its colour, D65, 2°. */
  labAt(L: number): Lab
}

/**
 * Base reflectance under less or more of the key light. Above the base: base × key, with sheen (the
 * light itself off the surface) and what the school of light mixes in. Below: base × ambient light of the
 * opposite temperature, multiplied once more by its own colour for every bounce in a fold, seen through the
 * filter of the school of shadow. With one white key, no sheen, bounce or turn it is proportional to light
 * in every band.
 */
export function lightPath(base: Spectrum, lighting: Lighting): LightPath {
  const baseLab = labOf(base)
  const from = luminance(base)
  const filter = shadowFilter(base, baseLab, lighting)
  const bounce = lighting.bounce ?? usual.bounce
  const school = lighting.light ?? 'plain'
  const { tint } = lightSchools[school]
  const added = tint ? colourOf(tint) : school === 'paint' ? lighting.lightTint : undefined
  const lift = added ? (lighting.lift ?? usual.lift) : 0
  const addedLuminance = added ? luminance(added) : 1
  const turn = Math.abs(lighting.turn)

  // Between plain and full warmth the light goes along its logarithm, as Wien's law has it.
  const warmLog = keyLight(lighting.warmth).map(Math.log)
  const coldLog = keyLight(-lighting.warmth).map(Math.log)
  const filterLog = filter.map(Math.log)

  function shaded(L: number): Spectrum {
    const depth = Math.min(1, (baseLab.L - L) / (0.66 * Math.max(1, baseLab.L - 4)))
    const strength = turn * (lighting.shadow === 'crevice' ? depth ** 3 : depth)
    const fold = bounce * depth
    return scaled(
      base.map(
        (r, i) => (r / (1 - fold * r)) * Math.exp(depth * coldLog[i]! + strength * filterLog[i]!),
      ),
      luminanceOfL(L),
    )
  }
  function lit(L: number): Spectrum {
    const wanted = luminanceOfL(L)
    const reach = 0.5 * Math.sqrt(Math.max(1, (96 - baseLab.L) * baseLab.L))
    const share = Math.min(1, (L - baseLab.L) / reach)
    const key = withLuminance(warmLog.map((v) => Math.exp(share * v)))
    const more = Math.max(0, wanted - from)
    const surface = more * lighting.sheen
    const school = (more - surface) * lift
    const body = scaled(
      base.map((r, i) => r * key[i]!),
      wanted - surface - school,
    )
    return scaled(
      body.map(
        (r, i) => r + (surface + (added ? (school * added[i]!) / addedLuminance : 0)) * key[i]!,
      ),
      wanted,
    )
  }
  const at = (L: number): Spectrum => (L === baseLab.L ? base : L < baseLab.L ? shaded(L) : lit(L))
  return { base, baseLab, at, labAt: (L) => labOf(at(L)) }
}
