import { expose } from 'comlink'
import {
  accentFor,
  endAnswers,
  labOf,
  methodFor,
  methods,
  mixSmallLadders,
  MOST_UNDER,
  partsById,
  starterPaints,
  resolvedParts,
} from '../../core'
import type {
  Accent,
  BottleDrops,
  Choice,
  EndAnswers,
  Lab,
  MadeMethod,
  Paint,
  Puddle,
  RoleKey,
  Spectrum,
  StackCoat,
  StepKey,
} from '../../core'

export interface CoatsJob {
  coat: StackCoat
  /** What the place is to look like in the end. */
  target: Spectrum
  aim: Lab
  /** What it looks like in the end as the stack stands. */
  end: Spectrum
  paints: Paint[]
}
/** A method that is to be made for a figure, paints by id. */
export interface MethodJob {
  method: string
  /** Bottles that may be used, and those that might be put in, those at hand first. */
  paints: Paint[]
  others: Paint[]
  choices: Partial<Record<RoleKey, Choice>>
  steps: { key: StepKey; target: Lab; share: number; parts: BottleDrops[] }[]
  had: Puddle[]
  stepIds: Record<StepKey, string>
}
export interface CoatsReply {
  /** What to paint before the coat, and where the end lands then. */
  over?: Omit<NonNullable<EndAnswers['over']>, 'recipe'> & { parts: BottleDrops[]; recipeLab: Lab }
  knock: Omit<EndAnswers['knock'], 'paint'> & { paint: string; from: Lab }
}
export interface AccentReply extends Omit<Accent, 'parts'> {
  parts: BottleDrops[]
}
export interface SmallReply {
  key: string
  name: string
  steps: { lab: Lab; parts: BottleDrops[]; deltaE00: number }[]
}

const api = {
  /** The glaze for one place of life. */
  accent(job: { ground: Spectrum; base: Spectrum; place: Spectrum; paints: Paint[] }): AccentReply {
    const { parts, ...rest } = accentFor(job.ground, job.base, job.place, job.paints)
    return { ...rest, parts: partsById(parts) }
  },
  /** A method made for one figure; ids of its mixes are to be made anew. */
  begin({ method, paints, others, choices, steps, had, stepIds }: MethodJob): MadeMethod {
    const box = new Map([...starterPaints, ...paints].map((paint) => [paint.id, paint]))
    const mixed = steps.map(({ parts, ...step }) => ({
      ...step,
      parts: resolvedParts(parts, (id) => box.get(id)!),
    }))
    let n = 0
    const ids = { stepId: (key: StepKey) => stepIds[key]!, newId: () => `new ${++n}` }
    return methodFor(
      methods.find(({ key }) => key === method)!,
      { paints, others, choices, had, steps: mixed, ...ids },
    )
  },
  /** Eyes, teeth, claws and mouth as small ladders of their own. */
  small: (paints: Paint[]): SmallReply[] =>
    mixSmallLadders(paints.slice(0, MOST_UNDER)).map(({ steps, ...one }) => ({
      ...one,
      steps: steps.map(({ parts, ...rest }) => ({ ...rest, parts: partsById(parts) })),
    })),
  answers({ coat, target: wanted, aim, end, paints }: CoatsJob): CoatsReply {
    const { over, knock } = endAnswers(coat, { wanted, end, aim }, paints)
    const reply = { knock: { ...knock, paint: knock.paint.id, from: labOf(end) } }
    if (!over) return reply
    const { recipe, ...rest } = over
    return { ...reply, over: { ...rest, recipeLab: recipe.lab, parts: partsById(recipe.parts) } }
  },
}

export type CoatsApi = typeof api
expose(api)
