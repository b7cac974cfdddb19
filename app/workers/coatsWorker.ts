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
import type { MadeMethod, Paint, Spectrum, StepKey } from '../../core'
import type { CoatsJob, MethodJob, CoatsReply, AccentReply, SmallReply } from './coatsJobs'

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
      steps: steps.map(({ parts, ofMiddle, ...rest }) => ({
        ...rest,
        parts: partsById(parts),
        ...(ofMiddle && { ofMiddle: { ...ofMiddle, bottle: partsById([ofMiddle.bottle])[0]! } }),
      })),
    })),
  answers({ coat, target: wanted, aim, end, paints, own }: CoatsJob): CoatsReply {
    const { over, knock } = endAnswers(coat, { wanted, end, aim }, paints, own)
    const reply = knock ? { knock: { ...knock, paint: knock.paint.id, from: labOf(end) } } : {}
    if (!over) return reply
    const { recipe, ...rest } = over
    return { ...reply, over: { ...rest, recipeLab: recipe.lab, parts: partsById(recipe.parts) } }
  },
}

export type CoatsApi = typeof api
expose(api)
