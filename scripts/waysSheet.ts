import { chromium } from '@playwright/test'
import {
  baseReflectance,
  formKeyOf,
  keyVector,
  labOf,
  ladderTargets,
  methodFor,
  methods,
  plainLighting,
  resolveStack,
  rgbOfLab,
  stackLayers,
  starterPaints,
} from '../core'
import type { FormKey, Method, Spot } from '../core'
import { lightParts, spotOf } from '../core/place/spots'
import type { LightParts } from '../core/place/spots'
import { raysOf } from './forms/rays'
import { usualKey } from '../core/project/keyLight'
import { bottlesIn } from '../core/puddle/content'
import { bottleParts, partsById, resolvedParts } from '../core/puddle/parts'
import { stepFor } from '../core/project/steps'
import { RecipeTable } from '../core/recipe/recipeTable'
import { lowTide, onTheBench } from '../demo/lowTide'
import { png } from '../tests/fixtures/pictures'

/**
 * Every way finished on a fitting figure of the demo, from its fourteen bottles, as one sheet: `docs/screenshots/ways.png`.
 * Places of life are not marked on these forms, so what is laid there is not seen.
 */
const [WIDTH, HEIGHT] = [168, 196]
const TO = 'docs/screenshots/ways.png'
const key = keyVector(usualKey)
const paints = starterPaints.filter(({ id }) => onTheBench.includes(id))
const table = new RecipeTable(paints, { maxPaints: 3, maxDrops: 8 })
const { figures } = lowTide([])

type Point = Parameters<typeof spotOf>[0]

/** What is seen at each pixel of a form: how it lies, and how much of the light reaches it. */
async function pointsOf(form: FormKey): Promise<(Point | undefined)[]> {
  const { met, reaches } = await raysOf(form)
  return Array.from({ length: WIDTH * HEIGHT }, (_, i): Point | undefined => {
    const u = (((i % WIDTH) + 0.5) / WIDTH - 0.5) * 1.9
    const v = (0.5 - (Math.floor(i / WIDTH) + 0.5) / HEIGHT) * 2.2
    const found = met(u, v)
    if (!found) return undefined
    const { n, occlusion, curvature } = found
    const lambert = n[0] * key[0] + n[1] * key[1] + n[2] * key[2]
    return {
      nx: n[0],
      ny: n[1],
      nz: n[2],
      occlusion,
      curvature,
      through: lambert > 0 ? reaches(found, key) : 0,
    }
  })
}
const seen = new Map<string, (Point | undefined)[]>()
const formOf = async (form: FormKey): Promise<(Point | undefined)[]> => {
  const had = seen.get(form) ?? (await pointsOf(form))
  seen.set(form, had)
  return had
}

function figureFor({ for: whom }: Method) {
  if (whom.includes('dead')) return figures.find(({ id }) => id === 'bosun')!
  return figures.find(({ id }) => id === (whom.includes('skin') ? 'isaura' : 'kelp-drake'))!
}

/** A way finished, seen from the front. */
async function finished(method: Method): Promise<{ url: string; on: string; ends: string }> {
  const figure = figureFor(method)
  const targets = ladderTargets(baseReflectance(figure.tone), { ...plainLighting, ...figure.plan })
  const steps = targets.map((step) => ({ ...step, parts: table.nearest(step.target)[0]!.parts }))
  let n = 0
  const made = methodFor(method, {
    steps,
    paints,
    had: [],
    stepId: (step) => `step.${step}`,
    newId: () => `mix-${++n}`,
  })
  const keys = steps.map(({ key: step }) => step)
  const partsOf = (id: string) => {
    const own = made.puddles.find((one) => one.id === id)
    if (own) return own.parts
    const step = stepFor(id.replace('step.', '') as (typeof keys)[number], keys)
    return bottleParts(partsById(steps.find((one) => one.key === step)!.parts))
  }
  const stack = resolveStack(made.plan, (of) =>
    resolvedParts(bottlesIn([{ of, drops: 1 }], partsOf), (id) => paints.find((p) => p.id === id)!),
  )
  const base = keys.indexOf('base')
  const parts: LightParts = lightParts(steps[base]!.target.L, base, keys.length - 1 - base)
  const points = await formOf(formKeyOf(figure.plan))
  const known = new Map<string, readonly [number, number, number]>()
  const colourOf = (spot: Required<Omit<Spot, 'zone'>>): readonly [number, number, number] => {
    const name = JSON.stringify(spot)
    const had = known.get(name)
    if (had) return had
    const { relief, light, side, down } = spot
    const end = labOf(stackLayers(stack, { light, side, down })[relief].at(-1)!)
    const byte = (v: number): number => Math.round(255 * Math.max(0, Math.min(1, v)))
    const [r, g, b] = rgbOfLab(end)
    const rgb = [byte(r), byte(g), byte(b)] as const
    known.set(name, rgb)
    return rgb
  }
  const file = png(WIDTH, HEIGHT, (x, y) => {
    const point = points[y * WIDTH + x]
    return point ? colourOf(spotOf(point, parts, key)) : [150, 150, 150]
  })
  const url = `data:image/png;base64,${Buffer.from(file).toString('base64')}`
  return { url, on: figure.name.split(',')[0]!, ends: made.ends }
}

const cells: string[] = []
for (const method of methods) {
  const { url, on, ends } = await finished(method)
  console.log(`${method.key} on ${on}: ${ends}`)
  cells.push(
    `<figure><img src="${url}"><figcaption><b>${method.name}</b><br>${on}</figcaption></figure>`,
  )
}
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
})
const page = await browser.newPage({ viewport: { width: 1280, height: 1160 } })
await page.setContent(
  `<style>body{margin:12px;background:#969696;display:grid;grid-template-columns:repeat(7,1fr);gap:10px 8px;font:12px/1.2 sans-serif}
  figure{margin:0}img{width:168px;height:196px;display:block}figcaption{height:46px}</style>${cells.join('')}`,
)
await page.screenshot({ path: TO })
await browser.close()
