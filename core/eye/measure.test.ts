import { describe, expect, it } from 'vitest'
import { formatEye, freshEye, mergeEyes, parseEye } from '../formats/eye/eye'
import { normals, seeded } from '../numbers/seeded'
import type { EyeAnswer } from './answer'
import { dueSkills, nextSkill } from './due'
import { thresholdFor, trendOf } from './measure'
import { skillKeys, skills } from './skills'
import type { Skill } from './skills'

const DAY = 86_400_000
/** An eye that grows finer by a third of the noise over three weeks. */
function history(skill: Skill, noise: number, seed: number): EyeAnswer[] {
  const random = seeded(seed)
  const normal = normals(random)
  return Array.from({ length: 21 * 12 }, (_, i) => {
    const day = Math.floor(i / 12)
    const now = noise * (1 - day / 63)
    const level = noise * (0.5 + 3 * random())
    const felt = level + now * normal()
    let right = true
    for (let k = 1; k < skills[skill].options; k++) if (now * normal() > felt) right = false
    return { id: `${skill}-${i}`, at: day * DAY + (i % 12) * 4000, skill, level, right }
  })
}

describe('what an eye tells apart', () => {
  it('a trend over days falls where the eye grows finer, each day within its own range', () => {
    const points = [...trendOf('lighter', history('lighter', 2, 3))]
    expect(points).toHaveLength(21)
    const mean = (some: typeof points) =>
      some.reduce((sum, { threshold }) => sum + threshold, 0) / some.length
    expect(mean(points.slice(-5)) / mean(points.slice(2, 7))).toBeLessThan(0.9)
    for (const { low, threshold, high, answers } of points) {
      expect(low < threshold && threshold < high).toBe(true)
      expect(answers).toBe(12)
    }
  })

  it('what is weak, not known and rested is asked more; nothing twice in a row, hues only where they are told', () => {
    const now = 21 * DAY
    const answers = skillKeys
      .filter((skill) => skills[skill].options > 1)
      .flatMap((skill) => history(skill, skills[skill].from / (skill === 'redder' ? 1 : 8), 5))
    const due = dueSkills(answers, now, true)
    const rank = (skill: Skill) => due.findIndex((one) => one.skill === skill)
    expect(rank('ratio')).toBeLessThan(rank('lighter'))
    expect(rank('redder')).toBeLessThan(rank('greyer'))
    const random = seeded(9)
    const asked: Skill[] = []
    for (let i = 0; i < 120; i++) asked.push(nextSkill(due, asked, random))
    expect(asked.every((skill, i) => skill !== asked[i - 1])).toBe(true)
    expect(new Set(asked).size).toBe(skillKeys.length)
    const grey = dueSkills([], now, false).map(({ skill }) => skill)
    expect(grey.sort()).toEqual(['breaks', 'dried', 'lighter', 'order', 'ratio'])
    expect(thresholdFor('same', answers).threshold).toBeGreaterThan(0)
  })

  it('answers go through a file whole, two records are put together once, and damage is named', () => {
    const mine = { ...freshEye(), answers: history('same', 1, 1) }
    const theirs = {
      ...freshEye(),
      answers: [...mine.answers.slice(0, 40), ...history('well', 4, 2)],
    }
    const both = mergeEyes(mine, theirs)
    expect(both.answers.length).toBe(mine.answers.length + 252)
    expect(mergeEyes(both, theirs)).toBe(both)
    expect(both.answers.every(({ at }, i) => i === 0 || at >= both.answers[i - 1]!.at)).toBe(true)
    expect(parseEye(formatEye(both))).toEqual({ ok: true, value: both })
    const text = formatEye(mine)
    expect(parseEye(text.slice(0, 200)).ok).toBe(false)
    const bad = parseEye(text.replace('"skill":"same"', '"skill":"taste"'))
    expect(!bad.ok && bad.issues[0]!.place).toBe('answers[0].skill')
  })
})
