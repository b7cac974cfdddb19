import type { Exercise, EyeWorld } from './exercise'
import { compared } from './exercises/compared'
import { halfWay, inWell, oneMoreDrop } from './exercises/mixed'
import { broken, ordered } from './exercises/runs'
import { pairs, whenDry, whichSkin } from './exercises/seen'
import type { Chance } from './looks'
import type { Skill } from './skills'

export interface ExerciseWishes {
  /** The difference to show, in the unit of the skill; it comes as near as bottles and screen let it. */
  level: number
  /** Whether hues are told; differences are of lightness alone else. */
  hues?: boolean
}

/** What an exercise is made of. */
interface Asked extends Required<ExerciseWishes> {
  world: EyeWorld
  chance: Chance
}
const differing =
  (skill: 'lighter' | 'warmer' | 'redder' | 'greyer') =>
  ({ world, level, chance }: Asked) =>
    compared(skill, world, level, chance)

/** Who makes which: a skill without a maker does not compile. */
const makers: Readonly<Record<Skill, (asked: Asked) => Exercise | undefined>> = {
  lighter: differing('lighter'),
  warmer: differing('warmer'),
  redder: differing('redder'),
  greyer: differing('greyer'),
  order: ({ world, level, chance }) => ordered(world, level, chance),
  breaks: ({ world, level, chance, hues }) => broken(world, level, chance, hues),
  ratio: ({ world, chance }) => halfWay(world, chance),
  well: ({ world, level, chance }) => inWell(world, level, chance),
  more: ({ world, level, chance }) => oneMoreDrop(world, level, chance),
  dried: ({ world, level, chance, hues }) => whenDry(world, level, chance, hues),
  skin: ({ chance }) => whichSkin(chance),
  same: ({ world, level, chance }) => pairs(world, level, chance),
}

/**
 * One exercise for an eye, made of the painter's own bottles and figures. Every colour can be shown on the screen, and
 * places and order are by chance.
 * @returns nothing where these bottles and the screen cannot show such a difference.
 * @example makeExercise('lighter', { paints: box, tones: [skin] }, { level: 4 }, seeded(1)).options.length // 6
 */
export function makeExercise(
  skill: Skill,
  world: EyeWorld,
  { level, hues = true }: ExerciseWishes,
  chance: Chance,
): Exercise | undefined {
  return makers[skill]({ world, level, hues, chance })
}
