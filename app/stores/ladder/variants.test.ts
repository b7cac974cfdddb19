import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope } from 'vue'
import { beforeEach, expect, it, vi } from 'vitest'
import { deltaE00, shadowSchoolKeys, starterPaints } from '../../../core'
import { lowTide } from '../../../demo/lowTide'
import { useProject } from '../project/project'
import { targetsOfFigure } from './plan'
import { useVariants } from './variants'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

it('each choice is the ladder it would give; one that hardly differs from an earlier one says so', async () => {
  const store = useProject()
  store.restore(lowTide(starterPaints.map(({ id }) => id)))
  const { variants } = effectScope().run(() =>
    useVariants(() => shadowSchoolKeys.map((key) => ({ key, made: { shadow: key } }))),
  )!
  await until(() => variants.value.size).toBe(shadowSchoolKeys.length)
  const { figure } = store
  for (const key of shadowSchoolKeys) {
    const wanted = targetsOfFigure({ ...figure, plan: { ...figure.plan, shadow: key } })
    const { steps } = variants.value.get(key)!
    expect(steps.map(({ lab }) => lab)).toEqual(wanted.map(({ target }) => target))
    expect(steps.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  }
  // What is said of likeness is so, and is said of nothing else.
  shadowSchoolKeys.forEach((key, i) => {
    const { steps, like } = variants.value.get(key)!
    const far = (other: (typeof shadowSchoolKeys)[number]): number =>
      Math.max(
        ...steps.map(({ lab }, at) => deltaE00(lab, variants.value.get(other)!.steps[at]!.lab)),
      )
    const near = shadowSchoolKeys.slice(0, i).filter((other) => far(other) < 1.5)
    expect(like, key).toBe(near[0])
  })
})
