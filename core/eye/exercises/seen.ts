import { deltaE00 } from '../../colour/deltaE00'
import { flatSpectrum } from '../../colour/spectrum'
import { labOf } from '../../colour/lab'
import type { Lab } from '../../colour/lab'
import { wetLook } from '../../paint/appearance'
import { coatThicknessUm } from '../../paint/coat'
import { filmReflectance } from '../../paint/film'
import { thin } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import { skinReflectance } from '../../tone/skin'
import type { Drying, EyeOption, EyeWorld, FieldExercise, PickExercise } from '../exercise'
import { canBeShown, direction, mixtureOf, movedBy, drawnFrom, shuffled, someMix } from '../looks'
import type { Chance } from '../looks'
import { skills } from '../skills'

const TRIES = 80
/** Grounds a coat is laid over, as primers are (common practice, no source). */
const GROUNDS = { black: 0.04, white: 0.85 } as const
/** Parts of medium to one of paint in the glaze that is asked about. */
const GLAZE = 6

/** What is shown, and how it looks when it is dry, or laid. */
function laid(world: EyeWorld, drying: Drying, chance: Chance) {
  const parts = someMix(world, chance)
  const mix = mixtureOf(world, parts)
  const opaque = opaqueReflectance(mix, 'matt')
  if (drying === 'wet') return { parts, shown: [labOf(wetLook(opaque))], truth: labOf(opaque) }
  if (drying !== 'glaze') {
    const over = flatSpectrum(GROUNDS[drying])
    const coat = filmReflectance(mix, { thicknessUm: coatThicknessUm(1), over })
    return { parts, shown: [labOf(opaque), labOf(over)], truth: labOf(coat) }
  }
  const glaze = drawnFrom(world.paints, chance)
  const over = opaqueReflectance(mix)
  const film = { thicknessUm: coatThicknessUm(0), over }
  return {
    parts: [{ paint: glaze.id, drops: 1 }],
    shown: [labOf(over), labOf(opaqueReflectance(glaze))],
    truth: labOf(filmReflectance(thin(glaze, GLAZE), film)),
  }
}

/** What it will be when dry, over black, over white, after a 6:1 glaze; the others are so far off, ΔE00. */
export function whenDry(
  world: EyeWorld,
  level: number,
  chance: Chance,
  hues: boolean,
): PickExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const drying = drawnFrom(['wet', 'black', 'white', 'glaze'] as const, chance)
    const { parts, shown, truth } = laid(world, drying, chance)
    // Without hues there are two ways only, at one and two and three times the difference.
    const looks = [
      truth,
      ...Array.from({ length: skills.dried.options - 1 }, (_, k) =>
        hues
          ? movedBy(truth, direction(chance, true), level)
          : movedBy(truth, [k % 2 ? 1 : -1, 0, 0], level * (1 + (k >> 1))),
      ),
    ]
    if (![...shown, ...looks].every(canBeShown)) continue
    const made: EyeOption[] = looks.map((lab) => ({ looks: [lab], value: deltaE00(lab, truth) }))
    const options = shuffled(made, chance)
    const right = options.indexOf(made[0]!)
    return { kind: 'pick', skill: 'dried', shown, parts, drying, options, right, level }
  }
  return undefined
}

/** Six pairs, edge to edge; the two of one differ by so much, ΔE00. */
export function pairs(world: EyeWorld, level: number, chance: Chance): PickExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const right = Math.floor(chance() * skills.same.options)
    const looks = Array.from({ length: skills.same.options }, (_, k): [Lab, Lab] => {
      const one = drawnFrom(world.tones, chance)
      return [one, k === right ? movedBy(one, direction(chance, true), level) : one]
    })
    if (!looks.flat().every(canBeShown)) continue
    const options = looks.map((pair) => ({ looks: pair, value: deltaE00(...pair) }))
    return { kind: 'pick', skill: 'same', shown: [], options, right, level }
  }
  return undefined
}

/** Least and most melanin and blood that are asked about, as shares. */
const fieldOfSkins = { melanin: [0.01, 0.4], blood: [0.004, 0.09] } as const
const OXYGENATION = 0.75

/**
 * How a skin of the field looks.
 * @param across between 0 and 1, from fair to deep, as the logarithm of melanin; `up` likewise for blood.
 * @example skinAt(0, 0.5).lab.L > skinAt(1, 0.5).lab.L // true
 */
export function skinAt(across: number, up: number): { lab: Lab; melanin: number; blood: number } {
  const on = ([low, high]: readonly [number, number], t: number): number => low * (high / low) ** t
  const [melanin, blood] = [on(fieldOfSkins.melanin, across), on(fieldOfSkins.blood, up)]
  const lab = labOf(skinReflectance({ melanin, blood, oxygenation: OXYGENATION }))
  return { lab, melanin, blood }
}

/** Which skin is this, by melanin and blood. */
export function whichSkin(chance: Chance): FieldExercise {
  const [across, up] = [chance(), chance()]
  const { lab, melanin, blood } = skinAt(across, up)
  return { kind: 'field', skill: 'skin', shown: [lab], truth: { across, up, melanin, blood } }
}
