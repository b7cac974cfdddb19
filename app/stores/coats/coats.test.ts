import { until } from '@vueuse/core'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick } from 'vue'
import {
  accentFor,
  deltaE00,
  isBottle,
  labOf,
  lightPlaces,
  methods,
  mixPaints,
  opaqueReflectance,
  recordOf,
  reliefPlaces,
  starterPaints,
  stepOf,
} from '../../../core'
import { useAccents } from '../accents/accents'
import { useBench } from '../bench/bench'
import { useCoats } from './coats'
import { useMethodLooks } from './methodLooks'
import { usePaintedForm } from './paintedForm'
import { useLadder } from '../ladder/ladder'
import { withPaints } from '../paints'
import { useProject } from '../project/project'

vi.mock('comlink', () => import('../../../tests/fixtures/comlinkInProcess'))

async function begin() {
  setActivePinia(createPinia())
  const store = useProject()
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false)
  return { store, ladder, coats: useCoats() }
}

import { threads } from '../../workers/threads'

describe('the stack of the chosen figure', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('has a colour after every coat, everywhere, and covering coats end at the ladder’s steps', async () => {
    const { coats, ladder } = await begin()
    expect(coats.trouble).toBe('')
    const many = coats.stack.coats.length + 1
    for (const light of lightPlaces)
      for (const relief of reliefPlaces) expect(coats.layers![light][relief]).toHaveLength(many)
    coats.set({
      under: { kind: 'flat', of: { bottle: 'carbon-black' } },
      coats: [{ id: 'c', kind: 'base', of: { puddle: 'isaura.base' }, passes: 8 }],
    })
    await nextTick()
    const end = coats.layers!.middle.flat.at(-1)!
    const base = ladder.steps.find(({ key }) => key === 'base')!
    expect(deltaE00(end, base.painted!)).toBeLessThan(1)
    expect(coats.layers!.middle.flat[0]!.L).toBeLessThan(15)
  })

  it('until something is chosen every step of the ladder is laid, whatever the complexion', async () => {
    const { store, coats, ladder } = await begin()
    const before = coats.layers!.light.ridge.at(-1)!
    const laid = () =>
      coats.plan.coats.map(({ of }) => !isBottle(of) && stepOf(store.figure.id, of.puddle)).sort()
    const keys = () => ladder.steps.map(({ key }) => key).sort()
    expect(laid()).toEqual(keys())
    // A way is tried, and the plain one is back with nothing of it left, in one undo.
    const plainly = () => coats.plan.coats.map(({ id: _, ...coat }) => coat)
    const plain = plainly()
    coats.start(methods.find(({ key }) => key === 'half-climb')!)
    await until(() => coats.beginning).toBe(false)
    coats.startPlain()
    expect(plainly()).toEqual(plain)
    expect(store.project.puddles!.filter((one) => one.figure === 'isaura')).toEqual([])
    store.undo()
    expect(coats.plan.method).toBe('half-climb')
    store.chooseFigure(store.project.figures[2]!.id)
    await nextTick()
    await until(() => ladder.searching).toBe(false)
    expect(laid()).toEqual(keys())
    expect(coats.layers!.light.ridge.at(-1)!.L).toBeLessThan(before.L - 5)
  })

  it('every method gives a whole stack; a bottle that has gone is said, not thrown', async () => {
    const { coats } = await begin()
    for (const method of methods) {
      coats.start(method)
      await until(() => coats.beginning).toBe(false)
      expect(coats.plan.method).toBe(method.key)
      // A way lands by its passes alone: near the ladder where it is meant for such skin.
      if (method.for.includes('skin') && !method.endsApart)
        expect(coats.off!.mean, method.key).toBeLessThan(16)
      expect(coats.trouble, method.key).toBe('')
      expect(coats.layers!.light.flat.length, method.key).toBe(method.coats.length + 1)
    }
    coats.set({ under: { kind: 'flat', of: { bottle: 'no-such-paint' } } })
    await nextTick()
    expect(coats.trouble).toContain('no-such-paint')
    expect(coats.layers).toBeUndefined()
  })

  it('another method takes away what the last one brought, and nothing of the figure it was doubled from', async () => {
    const { store, coats } = await begin()
    const begun = async (key: string): Promise<void> => {
      coats.start(methods.find((one) => one.key === key)!)
      await until(() => coats.beginning).toBe(false)
    }
    const mine = () => (store.project.puddles ?? []).filter((one) => one.figure === 'isaura')
    await begun('half-climb')
    const brought = mine().map(({ id }) => id)
    expect(brought.length).toBeGreaterThan(2)
    // The double goes another way: the first keeps all that its coats are laid of.
    store.doubleFigure('isaura', true)
    expect(store.figure.id).not.toBe('isaura')
    await until(() => useLadder().searching).toBe(false)
    await begun('dead-grey')
    expect(mine().map(({ id }) => id)).toEqual(brought)
    store.chooseFigure('isaura')
    await until(() => useLadder().searching).toBe(false)
    store.changePuddle(brought[0]!, { name: 'mine now' })
    await begun('three-tones')
    const left = mine().map(({ id }) => id)
    expect(left).toContain(brought[0])
    expect(brought.slice(1).some((id) => left.includes(id) && id !== brought[0])).toBe(false)
  })

  it('the form is painted coat by coat, as the strata have it; what a choice would end at is what it ends at', async () => {
    const { coats } = await begin()
    const all = coats.stack.coats.length
    let after = 0
    const painted = usePaintedForm(() => after)
    const under = coats.layers!.middle.flat[0]!
    const spots = (['shadow', 'middle', 'light'] as const).flatMap((light) =>
      (['recess', 'flat', 'ridge'] as const).map((relief) => ({ light, relief })),
    )
    // One undercoat, whatever the spot.
    for (const spot of spots)
      expect(deltaE00(painted.value({ ...spot, side: 'left', down: false }), under)).toBeLessThan(
        1e-9,
      )
    for (after of [1, all, all + 3]) {
      const fresh = usePaintedForm(() => after)
      for (const { light, relief } of spots) {
        const there = fresh.value({ light, relief, side: 'left', down: false })
        const strata = coats.layers![light][relief][Math.min(after, all)]!
        expect(deltaE00(there, strata), `${after} ${light} ${relief}`).toBeLessThan(1e-9)
      }
    }
    const made = { coats: coats.plan.coats.slice(0, 1) }
    const ends = coats.endWith(made)!
    expect(
      coats.endWith({ coats: [{ ...made.coats[0]!, of: { puddle: 'gone' } }] }),
    ).toBeUndefined()
    coats.set(made)
    await nextTick()
    expect(deltaE00(ends.middle, coats.layers!.middle.flat.at(-1)!)).toBeLessThan(1e-9)
    expect(deltaE00(ends.light, coats.layers!.light.ridge.at(-1)!)).toBeLessThan(1e-9)
  })

  it('every method is cut through for the figure, each as it starts', async () => {
    const { coats } = await begin()
    const scope = effectScope()
    const { looks, trouble } = scope.run(() => useMethodLooks())!
    await until(() => looks.value.size).toBe(methods.length)
    expect(trouble.value).toBe('')
    for (const method of [methods[0]!, methods[4]!]) {
      coats.start(method)
      await until(() => coats.beginning).toBe(false)
      for (const [place, relief] of [
        ['shadow', 'recess'],
        ['middle', 'flat'],
        ['light', 'ridge'],
      ] as const) {
        const cut = looks.value.get(method.key)!.strata[place]
        expect(cut[0]!.um).toBe(0)
        expect(cut).toHaveLength(method.coats.length + 1)
        const end = coats.layers![place][relief].at(-1)!
        expect(deltaE00(cut.at(-1)!.lab, end), method.key).toBeLessThan(1e-6)
      }
    }
    scope.stop()
  })

  it('a coat mixed from a bottle that has gone is named, in the stack and at the bench', async () => {
    const { store, coats } = await begin()
    const white = starterPaints.find(({ id }) => id === 'titanium-white')!
    store.addPaints([{ ...recordOf(white), id: 'my-white', name: 'My white', origin: 'estimated' }])
    coats.set({ coats: [{ id: 'c', kind: 'layer', of: { bottle: 'my-white' } }] })
    const bench = useBench()
    await until(() => bench.ready).toBe(true)
    const words = () => bench.plan.moves.map(({ move }) => move.words).join()
    expect(words()).toContain('of My white')
    store.removePaint('my-white')
    await nextTick()
    expect(coats.trouble).toContain('my-white')
    await until(() => words().includes('my-white (no longer in the box)')).toBe(true)
    expect(bench.plan.moves.flatMap(({ move }) => bench.coatOf(move) ?? [])).toEqual([])
    store.undo()
    await nextTick()
    expect(coats.trouble).toBe('')
  })

  it('looks wetter when wet: a wet surface is darker and no less saturated than a dry one', async () => {
    const { coats } = await begin()
    coats.look = 'dry'
    await nextTick()
    const dry = coats.layers!.middle.flat.at(-1)!
    coats.look = 'wet'
    await nextTick()
    const wet = coats.layers!.middle.flat.at(-1)!
    expect(wet.L).toBeLessThan(dry.L)
    expect(Math.hypot(wet.a, wet.b)).toBeGreaterThan(Math.hypot(dry.a, dry.b))
  })
})

describe('glazes of life', () => {
  it('are those of the core over the painted base; what is no longer chosen goes', async () => {
    const { store, ladder } = await begin()
    const accents = useAccents()
    store.toggleAccent('lower-lip')
    store.toggleAccent('knuckle')
    await until(() => accents.found.size).toBe(2)
    const parts = ladder.steps.find(({ key }) => key === 'base')!.parts
    const ground = opaqueReflectance(mixPaints(withPaints(parts)))
    const place = accents.zones.find(({ key }) => key === 'lower-lip')!.reflectance
    const own = accentFor(ground, ladder.base, place, store.paintsIn)
    const found = accents.found.get('lower-lip')!
    expect(found.deltaE00).toBeCloseTo(own.deltaE00, 6)
    expect(found.parts.map(({ paint }) => paint)).toEqual(own.parts.map(({ paint }) => paint.id))
    // The lip is redder than the skin it lies on.
    expect(labOf(place).a).toBeGreaterThan(labOf(ladder.base).a)
    store.toggleAccent('knuckle')
    await until(() => accents.found.size).toBe(1)
    expect([...accents.found.keys()]).toEqual(['lower-lip'])
  })

  it('eyes and teeth are mixed from the paints of the plan, each lighter towards its end', async () => {
    const { store } = await begin()
    const small = await threads.coats().small(store.paintsIn)
    expect(small.length).toBeGreaterThanOrEqual(3)
    for (const { key, steps } of small) {
      const [first, last] = [steps[0]!.lab.L, steps.at(-1)!.lab.L]
      expect(Math.abs(last - first), key).toBeGreaterThan(3)
      for (const { parts } of steps)
        expect(parts.every(({ paint }) => store.paintsIn.some(({ id }) => id === paint))).toBe(true)
    }
  })
})
