import { toRaw } from 'vue'
import { deltaE00, mean, predictMix, resolvedParts, stepPuddle } from '../../core'
import type { Figure, Lab, Paint, StepKey } from '../../core'
import { madeInWords } from '../words/amounts'
import { useAnswer } from '../workers/useAnswer'
import { foundContents } from './palette/foundContents'
import { paintOf } from './paints'
import { useProject } from './project/project'

/** A step of a ladder before and after its bottles are known better. */
interface LearntStep {
  key: StepKey
  name: string
  /** What its drops were taken to make, and what they make by what was learnt. */
  predicted: Lab
  truly: Lab
  /** Mixed anew; as before where the painter settled it. */
  anew: Lab
  /** Drops in words, as they are and mixed anew. */
  drops: [was: string, anew: string]
  settled: boolean
}

export interface LearntLadder {
  figure: Figure
  steps: LearntStep[]
  /** Mean ΔE00 from its aims: as its drops truly are, and mixed anew. */
  off: [truly: number, anew: number]
  /** Mean of how sure the app is of its steps, ΔE00: as it was, and mixed anew. */
  doubt: [was: number, anew: number]
}

/** Seen or poured otherwise: less than this, ΔE00, nobody sees. */
const SEEN = 0.5

async function ladderWith(
  figure: Figure,
  learnt: ReadonlyMap<string, Paint>,
): Promise<LearntLadder> {
  const store = useProject()
  const table = store.tableFor(figure).map(toRaw)
  const stored = (store.project.puddles ?? [])
    .filter((one) => one.figure === undefined || one.figure === figure.id)
    .map(toRaw)
  const knownBetter = (id: string): Paint => learnt.get(id) ?? paintOf(id)
  const was = await foundContents(figure, table, stored)
  const now = await foundContents(
    figure,
    table.map(({ id }) => knownBetter(id)),
    stored,
  )
  const mixed = (
    { contents }: typeof was,
    key: StepKey,
    paint: (id: string) => Paint,
  ): { lab: Lab; within: number } =>
    predictMix(
      resolvedParts(
        contents.bottlesOf([{ of: { puddle: stepPuddle(figure.id, key) }, drops: 1 }]),
        paint,
      ),
    )
  const dropsOf = ({ contents }: typeof was, key: StepKey): string =>
    madeInWords(contents.partsOf(stepPuddle(figure.id, key)) ?? [], contents.nameOf)
  const steps = was.steps.map(({ key, name, target }) => {
    const [before, truly, anew] = [
      mixed(was, key, paintOf),
      mixed(was, key, knownBetter),
      mixed(now, key, knownBetter),
    ]
    return { key, name, target, before, truly, anew }
  })
  return {
    figure,
    steps: steps.map(({ key, name, before, truly, anew }) => ({
      key,
      name,
      predicted: before.lab,
      truly: truly.lab,
      anew: anew.lab,
      drops: [dropsOf(was, key), dropsOf(now, key)],
      settled: stored.some(({ id }) => id === stepPuddle(figure.id, key)),
    })),
    off: [
      mean(steps.map(({ truly, target }) => deltaE00(truly.lab, target))),
      mean(steps.map(({ anew, target }) => deltaE00(anew.lab, target))),
    ],
    doubt: [
      mean(steps.map(({ before }) => before.within)),
      mean(steps.map(({ anew }) => anew.within)),
    ],
  }
}

/** A ladder that a painter would see or pour otherwise. */
const changes = ({ steps }: LearntLadder): boolean =>
  steps.some(
    ({ predicted, truly, drops }) => deltaE00(predicted, truly) > SEEN || drops[0] !== drops[1],
  )

/** Ladders of the commission that would change with what readings taught, one after another as they are found. */
export const useLearntLadders = () =>
  useAnswer<readonly Paint[], readonly LearntLadder[]>(async (paints, { newest, soFar }) => {
    const learnt = new Map(paints.map((paint) => [paint.id, paint]))
    let found: LearntLadder[] = []
    for (const figure of useProject().figures) {
      if (!newest()) break
      const one = await ladderWith(toRaw(figure), learnt)
      if (changes(one)) soFar((found = [...found, one]))
    }
    return found
  })
