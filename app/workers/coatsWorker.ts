import { expose } from 'comlink'
import {
  accentFor,
  findRecipes,
  glazeSearch,
  labOf,
  overLight,
  smallLadders,
  usualRatios,
} from '../../core'
import type { Accent, Lab, Paint, Spectrum, StackCoat } from '../../core'

export interface CoatsJob {
  coat: StackCoat
  /** What the place is to look like in the end. */
  target: Spectrum
  aim: Lab
  /** What it looks like in the end as the stack stands. */
  end: Spectrum
  paints: Paint[]
}
export interface OverLightReply {
  parts: { name: string; drops: number }[]
  recipeLab: Lab
  lands: Lab
  deltaE00: number
  reachable: boolean
  because?: 'coat' | 'box'
}
export interface GlazeReply {
  name: string
  ratio: number
  passes: number
  from: Lab
  lab: Lab
  before: number
  deltaE00: number
}

/** So many paints are searched for the mix under a coat; a large box would take seconds. */
const MOST = 24
const LIMITS = { maxPaints: 3, maxDrops: 12 }
/** Off-whites want many drops of white to one of a colour. */
const SMALL = { maxPaints: 2, maxDrops: 30 }
const PASSES = 4

export interface AccentReply extends Omit<Accent, 'parts'> {
  parts: { paint: string; drops: number }[]
}
export interface SmallReply {
  key: string
  name: string
  steps: { lab: Lab; parts: { paint: string; drops: number }[]; deltaE00: number }[]
}
const byId = (parts: { paint: Paint; drops: number }[]): { paint: string; drops: number }[] =>
  parts.map(({ paint, drops }) => ({ paint: paint.id, drops }))

const api = {
  /** The glaze for one place of life. */
  accent(job: { ground: Spectrum; base: Spectrum; place: Spectrum; paints: Paint[] }): AccentReply {
    const { parts, ...rest } = accentFor(job.ground, job.base, job.place, job.paints)
    return { ...rest, parts: byId(parts) }
  },
  /** Eyes, teeth, claws and mouth as small ladders of their own. */
  small(paints: Paint[]): SmallReply[] {
    const box = paints.slice(0, MOST)
    return smallLadders.map(({ key, name, targets }) => ({
      key,
      name,
      steps: targets.map((target) => {
        const [found] = findRecipes({ target, paints: box, ...SMALL })
        return { lab: found!.lab, parts: byId(found!.parts), deltaE00: found!.deltaE00 }
      }),
    }))
  },
  answers({ coat, target, aim, end, paints }: CoatsJob): {
    over?: OverLightReply
    knock: GlazeReply
  } {
    const box = paints.slice(0, MOST)
    const found = coat.kind === 'varnish' ? undefined : overLight(target, coat, box, LIMITS)
    const [glaze] = glazeSearch({
      zones: [{ from: end, to: aim }],
      paints,
      ratios: usualRatios,
      mostPasses: PASSES,
    })
    return {
      over: found && {
        parts: found.recipe.parts.map(({ paint, drops }) => ({ name: paint.name, drops })),
        recipeLab: found.recipe.lab,
        lands: found.lands,
        deltaE00: found.deltaE00,
        reachable: found.reachable,
        because: found.because,
      },
      knock: {
        name: glaze!.paint.name,
        ratio: glaze!.ratio,
        passes: glaze!.passes,
        lab: glaze!.lab,
        before: glaze!.before,
        deltaE00: glaze!.deltaE00,
        from: labOf(end),
      },
    }
  },
}

export type CoatsApi = typeof api
expose(api)
