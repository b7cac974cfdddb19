import { describe, expect, it } from 'vitest'
import { lowTide, onTheBench } from '../../../demo/lowTide'
import { of as starterBottle } from '../../../tests/fixtures/coats'
import { wayWindows } from '../../../tests/fixtures/wayWindows'
import { many } from '../../../tests/thorough'
import { labOf } from '../../colour/lab'
import { chromaOf, hueOf } from '../../colour/lch'
import { ladderTargets } from '../../ladder/targets'
import { mixPaints } from '../../paint/mix'
import { opaqueReflectance } from '../../paint/opaque'
import type { Paint } from '../../paint/paint'
import { starterPaints } from '../../paint/starter'
import { plainLighting } from '../../project/lighting'
import { bottlesIn } from '../../puddle/content'
import { isBottle } from '../../puddle/puddle'
import { RecipeTable } from '../../recipe/recipeTable'
import { baseReflectance, zonesOf } from '../../tone/tone'
import { coatKinds } from '../coatKinds'
import type { Method } from './method'
import { methodFor } from './methodFor'
import type { MadeMethod, MethodFigure } from './methodFor'
import { methods } from './methods'

const { figures, palette: table = [] } = lowTide([])
type Figure = (typeof figures)[number]
const among = (ids: readonly string[]): Paint[] =>
  starterPaints.filter(({ id }) => ids.includes(id))
const boxes: Readonly<Record<string, readonly Paint[]>> = {
  fourteen: among(onTheBench),
  eight: among(table),
  six: among([
    'titanium-white',
    'yellow-iron-oxide',
    'burnt-umber',
    'phthalo-green',
    'dioxazine-violet',
    'pale-flesh',
  ]),
  twentyfour: starterPaints.filter((_, i) => i % 3 !== 1),
}
const tables = Object.fromEntries(
  Object.entries(boxes).map(([name, box]) => [
    name,
    new RecipeTable(box, { maxPaints: 2, maxDrops: 6 }),
  ]),
)

function figureOf({ tone, plan }: Figure, box: string): MethodFigure {
  const paints = boxes[box]!
  let n = 0
  return {
    steps: ladderTargets(baseReflectance(tone), { ...plainLighting, ...plan }).map((step) => ({
      ...step,
      parts: tables[box]!.nearest(step.target)[0]!.parts,
    })),
    paints,
    others: starterPaints.filter((paint) => !paints.includes(paint)),
    had: [],
    stepId: (key) => `step.${key}`,
    newId: () => `mix-${++n}`,
  }
}

/** Whom a way is for, of the demo's figures. */
const fits = ({ for: whom }: Method, { tone }: Figure): boolean =>
  whom.includes(tone.kind) || (tone.kind === 'skin' && whom.includes('dead'))

/** Every mix with a name of its own, as bottles; what it looks like by the plain mixing of the core. */
function mixesOf({ puddles }: MadeMethod) {
  return puddles
    .filter(({ parts }) => parts.every(({ of }) => isBottle(of)))
    .map(({ name, parts }) => {
      const bottles = bottlesIn(parts, () => undefined)
      const paints = bottles.map(({ paint, drops }) => ({ paint: starterBottle(paint), drops }))
      return {
        name: name!,
        lab: labOf(opaqueReflectance(mixPaints(paints))),
        pigments: new Set(paints.flatMap(({ paint }) => paint.pigments)),
        bottles: bottles.map(({ paint }) => paint),
      }
    })
}

describe('a way keeps its word', () => {
  it('there are twenty-seven: four hides apart, four skins by their undercoat', () => {
    expect(methods).toHaveLength(27)
    expect(new Set(methods.map(({ key }) => key)).size).toBe(27)
    expect(methods.filter(({ name }) => name.startsWith('Hides apart'))).toHaveLength(4)
    expect(methods.filter(({ name }) => name.startsWith('Led by the undercoat'))).toHaveLength(4)
  })

  const cases = figures
    .filter((_, i) => i % many(1, 4) === 0)
    .flatMap((figure) => Object.keys(boxes).map((box) => [figure.id, box, figure] as const))
    .filter((_, i) => i % many(1, 3) === 0)
  it.each(cases)(
    '%s from %s: each mix inside its window, or said to be out of reach',
    (id, box, figure) => {
      const made = figureOf(figure, box)
      const isIn = new Set(boxes[box]!.map((paint) => paint.id))
      for (const method of methods.filter((one) => fits(one, figure))) {
        const when = `${id} ${box} ${method.key}`
        const { plan, puddles, missing, ends } = methodFor(method, made)
        for (const { name, lab, pigments, bottles } of mixesOf({ puddles } as MadeMethod)) {
          for (const bottle of bottles) expect(isIn.has(bottle), when).toBe(true)
          if (name.startsWith('stand-in for ')) {
            expect(
              missing.map((one) => `stand-in for ${one.name}`),
              when,
            ).toContain(name)
            continue
          }
          const told = wayWindows[name]
          if (!told) continue
          const { h, L, C, holds } = told
          const where = `${when}: ${name} ${lab.L.toFixed(0)} ${chromaOf(lab).toFixed(0)} ${hueOf(lab).toFixed(0)}`
          expect(lab.L >= L[0] - 0.01 && lab.L <= L[1] + 0.01, where).toBe(true)
          expect(chromaOf(lab) >= C[0] - 0.01 && chromaOf(lab) <= C[1] + 0.01, where).toBe(true)
          const turned = (hueOf(lab) - (h?.[0] ?? 0) + 720) % 360
          if (h) expect(turned, where).toBeLessThanOrEqual(((h[1] - h[0] + 360) % 360) + 0.01)
          expect(holds(pigments), where).toBe(true)
        }
        // Its moves are as they are written: kind, thinning, place and order.
        const laid = plan.coats.map(({ kind, thinner, thinnedWith, place, lifted }) => ({
          kind,
          thinner,
          thinnedWith,
          place,
          lifted,
        }))
        expect(laid, when).toEqual(
          method.coats.map(({ kind, thinner, thinnedWith, place, lifted }) => ({
            kind,
            thinner,
            thinnedWith,
            place,
            lifted,
          })),
        )
        expect(plan.under.kind, when).toBe(method.under.kind)
        plan.coats.forEach((coat, i) => {
          const passes = method.coats[i]!.passes ?? 1
          expect(Math.abs((coat.passes ?? 1) - passes), when).toBeLessThanOrEqual(2)
        })
        const bottles = [...plan.coats.map(({ of }) => of)].flatMap((of) =>
          isBottle(of) ? [of.bottle] : [],
        )
        for (const bottle of bottles) expect(isIn.has(bottle), when).toBe(true)
        expect(ends, when).toMatch(/^(Ends|As it is meant to)/)
        for (const { role, makes } of missing)
          if (makes) {
            expect(isIn.has(makes.paint), when).toBe(false)
            const again = methodFor(method, {
              ...made,
              paints: [...made.paints, starterBottle(makes.paint)],
            })
            expect(
              again.missing.map((one) => one.role),
              when,
            ).not.toContain(role)
          }
      }
    },
    120_000,
  )

  it('what is left out takes its coat with it, and parts of mixes; a stand-in is called one', () => {
    const figure = figureOf(
      figures.find(({ tone }) => tone.kind === 'skin')!,
      'six',
    )
    const method = methods.find(({ key }) => key === 'dead-flesh')!
    const laid = methodFor(method, figure)
    const roles = laid.missing.map(({ role }) => role)
    expect(roles).toContain('rose')
    expect(laid.plan.coats).toHaveLength(method.coats.length)
    const without = methodFor(method, {
      ...figure,
      choices: { rose: 'leave out', warmRed: 'leave out' },
    })
    expect(without.plan.coats.length).toBeLessThan(method.coats.length)
    const names = without.puddles.map(({ name }) => name)
    expect(names.some((name) => name!.includes('stand-in for rose'))).toBe(false)
    const pale = methods.find(({ key }) => key === 'pale-sickly')!
    const grey = methodFor(pale, figureOf(figures[0]!, 'eight'))
    expect(grey.missing.map(({ name }) => name)).toEqual(['light grey', 'rose'])
    expect(grey.puddles.map(({ name }) => name)).toContain('stand-in for light grey')
  })

  it('two paints by the drop are two bottles and nothing else', () => {
    for (const figure of figures) {
      const { plan, puddles } = methodFor(
        methods.find(({ key }) => key === 'two-paint-run')!,
        figureOf(figure, 'fourteen'),
      )
      const bottles = new Set(
        puddles
          .flatMap(({ parts }) => parts.map(({ of }) => JSON.stringify(of)))
          .concat(JSON.stringify(plan.coats[0]!.of)),
      )
      expect(bottles.size, figure.id).toBe(2)
      expect(puddles.map(({ parts }) => parts.map(({ drops }) => drops).join(':'))).toEqual([
        '3:1',
        '2:1',
        '1:1',
        '1:2',
        '1:3',
      ])
    }
  })

  it('gloss and matt varnish are what they are called, and places of life are known', () => {
    const airbrush = methods.find(({ key }) => key === 'airbrush')!
    expect(
      airbrush.coats.filter(({ kind }) => !coatKinds[kind].pigmented).map(({ finish }) => finish),
    ).toEqual(['gloss', 'matt'])
    const known = new Set(figures.flatMap(({ tone }) => zonesOf(tone).map(({ key }) => key)))
    for (const { key, coats, accents } of methods) {
      const places = [
        ...coats.flatMap(({ place = [] }) => place.flatMap(({ zones = [] }) => zones)),
        ...(accents?.skin ?? []),
        ...(accents?.hide ?? []),
      ]
      for (const place of places) expect(known.has(place), `${key} ${place}`).toBe(true)
    }
  })

  it('a box without a bottle is refused in words', () => {
    expect(() =>
      methodFor(methods[0]!, { steps: [], paints: [], had: [], stepId: String, newId: String }),
    ).toThrow('no paint to mix from')
  })
})
