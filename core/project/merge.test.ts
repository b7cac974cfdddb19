import type { Project } from './commission'
import { applyPatches, enablePatches, produce } from 'immer'
import { describe, expect, it } from 'vitest'
import { lowTide } from '../../demo/lowTide'
import { seeded } from '../numbers/seeded'
import { starterPaints } from '../paint/starter'
import { blankFigure } from './blank'
import { differences } from './differences'
import { mergeProjects } from './merge'

enablePatches()
const ids = starterPaints.map(({ id }) => id)
const base = { ...lowTide(ids), out: [ids[0]!] }

/** Changes that each touch one thing, by number. */
const changes: ((draft: Project) => void)[] = [
  (draft) => void (draft.name = 'Ebb'),
  (draft) => void draft.out.push(ids[3]!),
  (draft) => void draft.out.push(ids[7]!),
  ...base.figures.flatMap(({ id }, i) => {
    const one = (draft: Project) => draft.figures.find((figure) => figure.id === id)!
    return [
      (draft: Project) => void (one(draft).note = `note ${i}`),
      (draft: Project) => void (one(draft).many = 40 + i),
      (draft: Project) => void (one(draft).plan.warmth = 0.77),
      (draft: Project) => void (one(draft).bottles = { more: [ids[1]!] }),
      (draft: Project) => void draft.figures.push(blankFigure(`new-${i}`, { name: `New ${i}` })),
      (draft: Project) => void ((draft.bottles ??= {})[ids[i]!] = { owned: true }),
    ]
  }),
]
/** Lists have no order of their own here. */
const sorted = (project: Project): unknown => ({
  ...project,
  out: [...project.out].sort(),
  figures: [...project.figures].sort((one, other) => (one.id < other.id ? -1 : 1)),
})

describe('two states of a commission that came of one', () => {
  it('put together are what all changes made one after the other give, whoever made which', () => {
    const random = seeded(23)
    for (let run = 0; run < 200; run++) {
      const [mine, theirs, both] = [[], [], []] as ((draft: Project) => void)[][]
      for (const change of changes) {
        const who = random()
        if (who < 0.3) mine!.push(change)
        if (who > 0.7) theirs!.push(change)
        if (who < 0.3 || who > 0.7) both!.push(change)
      }
      const made = (list: ((draft: Project) => void)[]): Project =>
        produce(base, (draft) => list.forEach((change) => change(draft)))
      const { project, conflicts } = mergeProjects(base, made(mine!), made(theirs!))
      expect(conflicts).toEqual([])
      expect(sorted(project)).toEqual(sorted(made(both!)))
      // What leads from one to the other leads there by Immer's hand too.
      const patches = differences(made(mine!), project)
      expect(applyPatches(made(mine!), patches)).toEqual(project)
    }
  })

  it('what both changed is named, and stands as mine; what one took out and one changed stays', () => {
    const mine = produce(base, (draft) => {
      draft.figures[2]!.name = 'Mine'
      draft.figures.splice(4, 1)
      draft.figures.reverse()
    })
    const theirs = produce(base, (draft) => {
      draft.figures[2]!.name = 'Theirs'
      draft.figures[4]!.many = 12
      draft.figures.splice(6, 1)
      draft.figure = base.figures[6]!.id
    })
    const { project, conflicts } = mergeProjects(base, mine, theirs)
    const of = (i: number) => project.figures.find(({ id }) => id === base.figures[i]!.id)
    expect(conflicts).toEqual([`figures[${base.figures[2]!.id}].name`])
    expect([of(2)?.name, of(4)?.many, of(6)]).toEqual(['Mine', 12, undefined])
    expect(project.figures.length).toBe(base.figures.length - 1)
    // The order is of the one who changed it; no figure is open that is not there.
    expect(project.figures[0]!.id).toBe(base.figures.at(-1)!.id)
    expect(project.figures.some(({ id }) => id === project.figure)).toBe(true)
  })

  it('which figure is open stays this window’s own, unless it has gone', () => {
    const [mine, theirs] = [base.figures[1]!.id, base.figures[3]!.id]
    const elsewhere = { ...base, figure: theirs }
    expect(mergeProjects(base, { ...base, figure: mine }, elsewhere).project.figure).toBe(mine)
    // Also where nothing was changed here.
    expect(mergeProjects(base, base, elsewhere).project.figure).toBe(base.figure)
    const without = { ...base, figures: base.figures.filter(({ id }) => id !== base.figure) }
    const { figure, figures } = mergeProjects(base, base, { ...without, figure: theirs }).project
    expect(figures.some(({ id }) => id === figure)).toBe(true)
  })
})
