import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { bottlesIn, deltaE00, isBottle, labOf, mixPaints, opaqueReflectance } from '../../../core'
import { useBench } from '../bench/bench'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { detailedWith } from '../palette/figurePaint'
import { usePalette } from '../palette/palette'
import { withPaints } from '../paints'
import { useProject } from '../project/project'
import { plain } from '../project/work'
import { useAccents } from './accents'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

it('a tone of an eye that is poured from its middle looks as it says, and is kept with its middle', async () => {
  setActivePinia(createPinia())
  const store = useProject()
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false)
  const accents = useAccents()
  store.toggleDetail('eye')
  await nextTick()
  await until(() => accents.details.some(({ on, tones }) => on && tones.length === 3)).toBe(true)
  const { palette, settled } = usePalette()
  const eye = accents.details.find(({ key }) => key === 'eye')!
  const [, middle, light] = detailedWith(eye)
  const [from, bottle] = palette.partsOf((light as { puddle: string }).puddle)!
  expect(from!.of).toEqual(middle)
  expect(bottle!.of).toEqual({ bottle: 'titanium-white' })
  const bottles = withPaints(bottlesIn([{ of: light!, drops: 1 }], palette.partsOf))
  const seen = labOf(opaqueReflectance(mixPaints(bottles)))
  expect(deltaE00(seen, eye.tones[2]!.lab!)).toBeLessThan(1e-6)
  // Whatever is taken up of it can be named: nothing that was only found goes into the painter's own.
  const own = store.puddleOf((settled(light!) as { puddle: string }).puddle)!
  const stored = new Set(store.project.puddles!.map(({ id }) => id))
  expect(own.parts.every(({ of }) => isBottle(of) || stored.has(of.puddle))).toBe(true)
  expect(own.parts).toHaveLength(2)
})

it('an eye keeps what was found for it once painting has begun, and says a bottle of it that is taken out', async () => {
  setActivePinia(createPinia())
  const store = useProject()
  const bench = useBench()
  const accents = useAccents()
  store.toggleDetail('eye')
  await until(() => useLadder().searching).toBe(false)
  const eye = () => accents.details.find(({ key }) => key === 'eye')!.tones
  await until(() => eye().length === 3 && bench.ready).toBe(true)
  await until(() => bench.now).toBeTruthy()
  const found = plain(eye())
  bench.next()
  const { details } = store.figure
  expect(details![0]!.poured).toHaveLength(3)
  store.setPaintIn('titanium-white', false)
  await nextTick()
  await until(() => useLadder().searching).toBe(false)
  await until(() => bench.ready).toBe(true)
  expect(eye().map(({ made }) => made)).toEqual(found.map(({ made }) => made))
  eye().forEach(({ lab }, i) => expect(deltaE00(lab!, found[i]!.lab!)).toBeLessThan(1e-6))
  expect(useCoats().missing.map(({ id }) => id)).toContain('titanium-white')
  // Let go, they are found from what is in.
  store.letFollow(store.figure.id)
  expect(store.figure.details![0]).not.toHaveProperty('poured')
  await until(() => eye().every(({ made }) => !JSON.stringify(made).includes('titanium'))).toBe(
    true,
    { timeout: 20_000, throwOnTimeout: true },
  )
})
