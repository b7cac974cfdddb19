import { differenceCiede2000, parse } from 'culori'
import { describe, expect, it } from 'vitest'
import { hexOfLab } from '../colour/display'
import type { Lab } from '../colour/lab'
import { lchOf } from '../colour/lch'
import { deltaE00 } from '../colour/deltaE00'
import { seeded } from '../numbers/seeded'
import { starterPaints } from '../paint/starter'
import type { EyeWorld, PickExercise } from './exercise'
import { skinAt } from './exercises/seen'
import { canBeShown, lookOf } from './looks'
import { makeExercise } from './makeExercise'
import { skillKeys, skills } from './skills'
import type { Skill } from './skills'

const world: EyeWorld = {
  paints: starterPaints.filter(({ kind }) => kind === undefined || kind === 'paint'),
  tones: [0.1, 0.3, 0.5, 0.7, 0.95].map((across) => skinAt(across, 0.5).lab),
}
const made = (skill: Skill, level: number, seed: number, hues = true) =>
  makeExercise(skill, world, { level, hues }, seeded(seed))
/** What stands first by what is asked, as anybody can read it off the colours. */
const asked: Partial<Record<Skill, (lab: Lab) => number>> = {
  lighter: ({ L }) => L,
  redder: ({ a }) => a,
  greyer: (lab) => -lchOf(lab).C,
  warmer: (lab) => Math.cos(((lchOf(lab).h - 60) * Math.PI) / 180),
}

describe('exercises for an eye', () => {
  it('each has one right answer, which the colours themselves bear out, at the difference that was asked for', () => {
    for (const [skill, of] of Object.entries(asked) as [Skill, (lab: Lab) => number][])
      for (const [i, level] of [0.5, 3, 12].entries()) {
        const one = made(skill, level, 10 * i + 1) as PickExercise
        expect(one.options.length, skill).toBe(skills[skill].options)
        const values = one.options.map(({ looks }) => of(looks[0]!))
        expect(values.indexOf(Math.max(...values)), `${skill} ${level}`).toBe(one.right)
        // By the numbers of the exercise it is better than every other by the level.
        const right = one.options[one.right]!.value
        for (const { value } of one.options.filter((_, k) => k !== one.right))
          expect(right - value).toBeCloseTo(level, 6)
      }
  })

  it('differences in ΔE00 are those that culori finds between the colours', () => {
    const away = differenceCiede2000()
    const lab = ({ L, a, b }: Lab) => ({ mode: 'lab65' as const, l: L, a, b })
    for (const level of [0.8, 4, 15]) {
      const same = made('same', level, 5) as PickExercise
      same.options.forEach(({ looks: [one, other] }, i) =>
        expect(away(lab(one!), lab(other!))).toBeCloseTo(i === same.right ? level : 0, 3),
      )
      const breaks = made('breaks', level, 6) as PickExercise
      expect(breaks.right > 0 && breaks.right < breaks.options.length - 1).toBe(true)
      const even = (k: number): Lab => {
        const [first, last] = [breaks.options[0]!.looks[0]!, breaks.options.at(-1)!.looks[0]!]
        const t = k / (breaks.options.length - 1)
        return {
          L: first.L + t * (last.L - first.L),
          a: first.a + t * (last.a - first.a),
          b: first.b + t * (last.b - first.b),
        }
      }
      breaks.options.forEach(({ looks }, k) =>
        expect(away(lab(looks[0]!), lab(even(k)))).toBeCloseTo(k === breaks.right ? level : 0, 3),
      )
      const dried = made('dried', level, 7) as PickExercise
      const truth = dried.options[dried.right]!.looks[0]!
      for (const { looks } of dried.options.filter((_, k) => k !== dried.right))
        expect(away(lab(looks[0]!), lab(truth))).toBeCloseTo(level, 3)
    }
  })

  it('mixes are what the core mixes: the well, one drop more, half-way', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const well = made('well', 4, seed) as PickExercise
      well.options.forEach(({ looks, parts, value }, i) => {
        expect(looks[0]).toEqual(lookOf(world, parts!))
        expect(value).toBeCloseTo(deltaE00(looks[0]!, well.shown[0]!), 9)
        expect(value < 1e-9).toBe(i === well.right)
      })
      const more = made('more', 2, seed) as PickExercise
      const before = more.parts!
      more.options.forEach(({ looks, parts }) => {
        const drop = parts![0]!
        const after = [...before, drop]
        expect(deltaE00(looks[0]!, lookOf(world, after))).toBeLessThan(1e-9)
      })
      expect(more.options[more.right]!.value).toBeLessThan(1e-9)
      const half = made('ratio', 1, seed)
      if (half?.kind !== 'slide') throw new Error('no half-way')
      const [one, other] = half.parts!
      const look = lookOf(world, [one!, { ...other!, drops: 2 ** half.truth }])
      expect(deltaE00(look, half.shown[0]!)).toBeCloseTo(deltaE00(look, half.shown[1]!), 3)
    }
  })

  it('no colour is outside the screen; places are by chance; who does not tell hues is asked about lightness', () => {
    const places = new Map<number, number>()
    for (const skill of skillKeys)
      for (let seed = 1; seed <= 20; seed++) {
        const one = made(skill, skills[skill].from, seed)
        if (!one) throw new Error(`${skill} ${seed} was not made`)
        const looks = 'options' in one ? one.options.flatMap(({ looks }) => looks) : []
        for (const lab of [...one.shown, ...looks]) {
          expect(canBeShown(lab)).toBe(true)
          expect(parse(hexOfLab(lab))).toBeDefined()
        }
        if (one.kind === 'pick' && one.options.length === 6)
          places.set(one.right, (places.get(one.right) ?? 0) + 1)
        if (one.kind === 'order')
          expect(one.order.map((k) => one.options[k]!.value)).toEqual(
            one.options.map(({ value }) => value).sort((a, b) => a - b),
          )
      }
    expect([...places.keys()].sort()).toEqual([0, 1, 2, 3, 4, 5])
    expect(Math.max(...places.values())).toBeLessThan(
      0.35 * [...places.values()].reduce((a, b) => a + b),
    )
    const grey = made('dried', 5, 3, false) as PickExercise
    const truth = grey.options[grey.right]!.looks[0]!
    for (const { looks } of grey.options) {
      expect(looks[0]!.a).toBeCloseTo(truth.a, 9)
      expect(looks[0]!.b).toBeCloseTo(truth.b, 9)
    }
  })
})
