import { expose } from 'comlink'
import {
  colourObjective,
  constrained,
  RecipeSearch,
  spectralObjective,
  untouched,
  withTouches,
} from '../../core'
import type {
  Constraints,
  Illuminant,
  Lab,
  Limits,
  Objective,
  Paint,
  Recipe,
  RecipeRequest,
  Spectrum,
} from '../../core'

/** A search as it is sent to a worker: plain data. */
export interface SearchJob extends Limits {
  id: number
  target: Lab | Spectrum
  paints: Paint[]
  white: Paint
  limit: number
  /** Other lights it has to hold under, or the whole curve; the bench light alone when empty. */
  lights: Illuminant[]
  wholeCurve: boolean
  touches: boolean
  constraints: Constraints
  part: number
  of: number
}

export interface SearchNews {
  id: number
  done: number
  proved: boolean
  lowerBound: number
  best: Recipe[]
}

/** Work between two looks at the mailbox, so that a newer job is heard at once. */
const SLICE_MS = 25
/** How long each kind of alternative is searched for. */
const VARIANT_MS = 250
/** How often the page is told. */
const NEWS_MS = 120

let current = 0

const objectiveOf = (job: SearchJob, request: RecipeRequest): Objective =>
  job.wholeCurve ? spectralObjective(request) : colourObjective(request, job.lights)

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve))

const api = {
  /** Runs a search to its end unless a newer one or a stop comes; tells how it goes along the way. */
  async run(job: SearchJob, tell: (news: SearchNews) => void): Promise<SearchNews | undefined> {
    current = job.id
    const box = job.touches ? withTouches(job.paints, job.white) : job.paints
    const { paints, allows } = constrained(box, job.constraints)
    const request: RecipeRequest = { ...job, paints }
    const search = new RecipeSearch(request, {
      objective: objectiveOf(job, request),
      allows,
      part: job.part,
      of: job.of,
    })
    const news = (): SearchNews => ({ id: job.id, ...search.progress() })
    let told = 0
    for (;;) {
      const { proved } = search.step(performance.now() + SLICE_MS, () => performance.now())
      if (proved) return news()
      if (performance.now() - told > NEWS_MS) {
        told = performance.now()
        tell(news())
      }
      await pause()
      if (current !== job.id) return undefined
    }
  },
  /** Recipes that are simpler, smaller, safer or of other paints, each the best of its kind, searched briefly. */
  variants(job: SearchJob, best: Recipe): Recipe[] {
    const used = best.parts
      .map(({ paint }) => paint)
      .filter(({ pigments }) => !pigments.every((name) => name.startsWith('PW')))
      .map(({ id }) => untouched(id))
    // What the painter wishes for holds in every alternative too.
    const needed = new Set(job.constraints.required)
    const kinds: Partial<SearchJob>[] = [
      ...(best.parts.length > 1 ? [{ maxPaints: best.parts.length - 1 }] : []),
      { maxDrops: Math.max(4, Math.ceil(job.maxDrops / 2)) },
      { constraints: { ...job.constraints, noHazards: true } },
      { constraints: { ...job.constraints, forbidden: used.filter((id) => !needed.has(id)) } },
    ]
    return kinds.flatMap((kind) => {
      const asked = { ...job, ...kind, limit: 3 }
      const { paints, allows } = constrained(asked.paints, asked.constraints)
      if (paints.length === 0) return []
      const request: RecipeRequest = { ...asked, paints }
      const search = new RecipeSearch(request, { objective: objectiveOf(asked, request), allows })
      return search.step(performance.now() + VARIANT_MS, () => performance.now()).best
    })
  },
  stop(): void {
    current = -1
  },
}

export type SearchApi = typeof api
expose(api)
