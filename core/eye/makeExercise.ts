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
  switch (skill) {
    case 'lighter':
    case 'warmer':
    case 'redder':
    case 'greyer':
      return compared(skill, world, level, chance)
    case 'order':
      return ordered(world, level, chance)
    case 'breaks':
      return broken(world, level, chance, hues)
    case 'ratio':
      return halfWay(world, chance)
    case 'well':
      return inWell(world, level, chance)
    case 'more':
      return oneMoreDrop(world, level, chance)
    case 'dried':
      return whenDry(world, level, chance, hues)
    case 'skin':
      return whichSkin(chance)
    case 'same':
      return pairs(world, level, chance)
  }
}
