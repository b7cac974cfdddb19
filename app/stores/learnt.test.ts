import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { nextTick, toRaw } from 'vue'
import {
  deltaE00,
  formatProject,
  labOf,
  learnPaints,
  learntOf,
  mixPaints,
  opaqueReflectance,
  parseProject,
  resolvedParts,
} from '../../core'
import type { BottleDrops, Paint } from '../../core'
import { useLadder } from './ladder/ladder'
import { allPaints, paintOf, starterIds, toldPaints } from './paints'
import { useProject } from './project/project'
import { rowOf } from './range/rowOf'

vi.mock('comlink', () => import('../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

/** The bottles as they are in this world: a third more tint here, a little yellower there. */
const real = new Map<string, Paint>()
const realOf = (id: string): Paint => {
  const told = toldPaints().find((paint) => paint.id === id)!
  const [byK, byS] = [1 + 0.3 * Math.sin(id.length), 1 + 0.15 * Math.cos(3 * id.length)]
  if (!real.has(id))
    real.set(id, { ...told, K: told.K.map((k) => byK * k), S: told.S.map((s) => byS * s) })
  return real.get(id)!
}
const seen = (parts: readonly BottleDrops[]) =>
  opaqueReflectance(mixPaints(resolvedParts(parts, realOf)))

it('what was learnt is what is mixed: in ladder, range and readings, a second time, and taken back', async () => {
  const store = useProject()
  const ladder = useLadder()
  const still = async () => {
    await nextTick()
    await until(() => ladder.searching).toBe(false)
  }
  await still()
  const told = JSON.stringify(ladder.steps.map(({ painted }) => painted))
  const off = () =>
    ladder.steps.reduce((sum, one) => sum + deltaE00(one.painted!, labOf(seen(one.parts))), 0) / 7
  const before = off()
  const readings = () =>
    ladder.steps.map(({ parts }) => ({
      parts: [...parts],
      reflectance: Float64Array.from(seen(parts)),
    }))
  const learn = (list: ReturnType<typeof readings>): void => {
    const { paints, better } = learnPaints(list, toldPaints().map(toRaw))
    expect(better).toBe(true)
    const layers = paints.map(({ paint }) => [paint.id, learntOf(paint, '2026-11-30', [])] as const)
    expect(store.learn(Object.fromEntries(layers))).toBe(true)
  }
  const first = readings()
  learn(first)
  await still()
  // No second model of a bottle stands beside it, and every prediction is of the one there is.
  expect(store.paints).toHaveLength(toldPaints().length)
  expect(store.project.box ?? []).toEqual([])
  expect(off()).toBeLessThan(0.85 * before)
  for (const { parts, painted } of ladder.steps) {
    const mixed = mixPaints(resolvedParts(parts, paintOf))
    expect(deltaE00(labOf(opaqueReflectance(mixed)), painted!)).toBeLessThan(1e-9)
  }
  const row = await rowOf(store.figure, store.onTable.map(toRaw), store.project.puddles!)
  row.steps.forEach(({ painted }, i) =>
    expect(deltaE00(painted, ladder.steps[i]!.painted!)).toBeLessThan(1e-9),
  )
  // The next readings of the box as it is now are met, and teach it again, as one change.
  learn([...first, ...readings()])
  await still()
  const twice = off()
  expect(twice).toBeLessThan(0.7 * before)

  const again = parseProject(formatProject(store.project), starterIds)
  if (!again.ok) throw new Error(JSON.stringify(again.issues))
  expect(again.value.bottles).toEqual(store.project.bottles)

  store.setLighting('contrast', 1.2)
  store.undo()
  const ids = Object.keys(store.project.bottles!).filter((id) => store.project.bottles![id]!.learnt)
  store.unlearn(ids)
  await still()
  expect(JSON.stringify(ladder.steps.map(({ painted }) => painted))).toBe(told)
  expect(allPaints()).toEqual(toldPaints())
  store.undo()
  await still()
  expect(off()).toBeCloseTo(twice, 9)
})
