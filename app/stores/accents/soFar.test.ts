import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { useLadder } from '../ladder/ladder'
import { useProject } from '../project/project'
import { useAccents } from './accents'
import { useSoFar } from './soFar'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))
beforeEach(() => setActivePinia(createPinia()))

it('a figure is painted along its plan: bare, base, shadows down, lights up, then life', async () => {
  const store = useProject()
  const ladder = useLadder()
  const accents = useAccents()
  const { stages, labsAt, second } = useSoFar()
  store.chooseFigure('isaura')
  store.toggleAccent('lower-lip')
  store.toggleDetail('eye')
  await nextTick()
  await vi.waitFor(() => {
    expect(ladder.searching).toBe(false)
    expect(accents.found.has('lower-lip')).toBe(true)
    expect(accents.small).toBeDefined()
  }, 20_000)
  const many = ladder.steps.length
  const base = ladder.steps.findIndex(({ key }) => key === 'base')
  expect(stages.value.map(({ name }) => name)).toEqual([
    'the bare undercoat',
    ...['Base', 'Half-shade', 'Shade', 'Deep shade', 'Crevice'].filter((name) =>
      ladder.steps.some((step) => step.name === name),
    ),
    ...ladder.steps.slice(base + 1).map(({ name }) => name),
    'Lower lip',
    'Eye, the white of it',
  ])
  const bare = labsAt(stages.value[0]!)
  expect(new Set(bare.map((lab) => JSON.stringify(lab))).size).toBe(1)
  const based = labsAt(stages.value[1]!)
  expect(based).toEqual(new Array(many).fill(ladder.steps[base]!.painted))
  // What is not painted yet is as its neighbour toward the base.
  const shaded = labsAt(stages.value[2]!)
  expect(shaded.slice(0, base)).toEqual(new Array(base).fill(ladder.steps[base - 1]!.painted))
  expect(shaded.slice(base)).toEqual(new Array(many - base).fill(ladder.steps[base]!.painted))
  const finished = stages.value.at(-1)!
  expect(labsAt(finished)).toEqual(ladder.steps.map(({ painted }) => painted))
  expect(finished.life.map(({ zone }) => zone)).toEqual(['lower-lip', 'eye', 'iris'])
  const lip = accents.found.get('lower-lip')!
  expect(finished.life[0]!.glaze).toEqual({ from: lip.before, to: lip.after })
  expect(stages.value.at(-2)!.life).toHaveLength(1)
  expect(second.value).toBeUndefined()
})
