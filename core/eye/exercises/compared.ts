import { hueOf, labOfLch, lchOf } from '../../colour/lch'
import type { Lab } from '../../colour/lab'
import type { EyeOption, EyeWorld, PickExercise } from '../exercise'
import { canBeShown, lookOf, drawnFrom, shuffled, someMix } from '../looks'
import type { Chance } from '../looks'
import { skills } from '../skills'

/** What is warmest: orange; the hue of firelight and of most skins, degrees; common practice, no source. */
const WARMEST = 60
/** Swatches that are asked about their hue differ in lightness by chance, so that none is found by it; L*. */
const JITTER = 8
const TRIES = 60

type Comparing = 'lighter' | 'warmer' | 'redder' | 'greyer'

/** What is compared, of a colour. */
const quantity: Readonly<Record<Comparing, (lab: Lab) => number>> = {
  lighter: ({ L }) => L,
  warmer: (lab) => -Math.abs(((hueOf(lab) - WARMEST + 540) % 360) - 180),
  redder: ({ a }) => a,
  greyer: (lab) => -lchOf(lab).C,
}

/** The colour with its quantity changed by so much; less warm, less red, less grey for what is negative. */
function changed(skill: Comparing, lab: Lab, by: number): Lab | undefined {
  if (skill === 'lighter') return { ...lab, L: lab.L + by }
  if (skill === 'redder') return { ...lab, a: lab.a + by }
  const { L, C, h } = lchOf(lab)
  if (skill === 'greyer') return C - by > 0 ? labOfLch({ L, C: C - by, h }) : undefined
  const side = (h - WARMEST + 540) % 360 > 180 ? 1 : -1
  const away = Math.abs(quantity.warmer(lab)) - by
  return away >= 0 && away <= 180 ? labOfLch({ L, C, h: WARMEST + side * away }) : undefined
}

/** Colours to begin with: mixes of chance for lightness, one step of a figure for all else. */
function beginnings(skill: Comparing, world: EyeWorld, chance: Chance): Lab[] {
  const { options } = skills[skill]
  if (skill !== 'lighter') {
    const one = drawnFrom(world.tones, chance)
    return Array.from({ length: options }, () => ({ ...one, L: one.L + JITTER * (chance() - 0.5) }))
  }
  const L = 30 + 45 * chance()
  return Array.from({ length: options }, () => ({ ...lookOf(world, someMix(world, chance)), L }))
}

/**
 * One of six swatches is lighter, warmer, redder or greyer than the others by so much; in all else they differ by chance.
 * @returns nothing where the screen cannot show it.
 */
export function compared(
  skill: Comparing,
  world: EyeWorld,
  level: number,
  chance: Chance,
): PickExercise | undefined {
  for (let i = 0; i < TRIES; i++) {
    const [first, ...others] = beginnings(skill, world, chance)
    const more = changed(skill, first!, level / 2)
    const less = others.map((one) => changed(skill, one, -level / 2))
    const looks = [more, ...less]
    if (!looks.every((lab): lab is Lab => lab !== undefined && canBeShown(lab))) continue
    const options: EyeOption[] = looks.map((lab) => ({ looks: [lab], value: quantity[skill](lab) }))
    const put = shuffled(options, chance)
    return { kind: 'pick', skill, shown: [], options: put, right: put.indexOf(options[0]!), level }
  }
  return undefined
}
