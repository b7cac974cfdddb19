import { computed, ref, shallowRef } from 'vue'
import type { MixingNote, Target } from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { useProject } from '../project/project'
import { keepFound, lastFound } from './lastFound'
import type { OwnedJob } from './lastFound'
import type { LadderJob } from './plan'
import type { Found } from './found'
import { seenAhead } from './seenAhead'

/** A large box is searched so long for each step at once, and so long for its proof afterwards, ms. */
const QUICK_MS = 30
const PROOF_MS = 2500

/** What is shown of it. */
type Shown = Pick<Found, 'mixes' | 'from' | 'steps' | 'reached'>

/**
 * Mixes of a ladder, the best that a moment finds.
 * @param take is handed them as they come.
 * @param recipe the thread that looks for them.
 */
export async function quickMixes(
  job: LadderJob,
  take: (found: Found) => Promise<void> = async () => undefined,
  recipe = threads.recipe,
): Promise<Found> {
  const { paints, bottles, maxPaints, maxDrops, mixing, others } = job
  const limits = { paints, bottles, maxPaints, maxDrops }
  const find = (targets: readonly Target[], patienceMs: number) =>
    recipe().find({ ...limits, targets: targets.map(({ target }) => target), patienceMs })
  const { base, lighting, moved } = job
  const reached = await recipe().ends({ ...limits, base, lighting, moved, patienceMs: QUICK_MS })
  const steps = job.targetsAt(reached.ends)
  const known = { steps, reached, from: 0 }
  if (!mixing) {
    const found = { ...known, ...(await find([...steps, ...others], QUICK_MS)) }
    await take(found)
    return found
  }
  const patienceMs = PROOF_MS / 20
  const mixed = await recipe().mix({
    ...limits,
    targets: steps.map(({ target }) => target),
    patienceMs,
    mixing,
    base: steps.findIndex(({ key }) => key === 'base'),
  })
  const found = { ...known, ...mixed, proved: true }
  await take(found)
  if (others.length > 0)
    await take({ ...known, ...(await find(others, patienceMs)), from: steps.length, proved: true })
  return found
}

/** The room is shown before what it shows already is found again. */
const whenShown = (then: () => void): void =>
  void ('requestIdleCallback' in globalThis
    ? requestIdleCallback(then, { timeout: 1000 })
    : setTimeout(then))

/**
 * The search for one ladder: of jobs that come in meanwhile only the newest is done. What was found last for the same
 * question is handed over at once, and found again when the room stands.
 */
export function useMixSearch<Job extends OwnedJob>(take: (found: Shown, job: Job) => void) {
  const store = useProject()
  /** The job whose answer stands already, from the last time. */
  const again = shallowRef<Job>()
  const seen = new Set<string>()
  /** False while a large box was searched for a moment only. */
  const proved = ref(true)
  /** What is to be known of the way the ladder is mixed. */
  const note = shallowRef<MixingNote>()

  const { busy, trouble, ask } = useAnswer<Job, void>(
    async (job, { newest }) => {
      const mixes: FoundMix[] = []
      const taken = async (found: Shown): Promise<void> => {
        await seenAhead(job.figure, found, store.project.puddles ?? [])
        found.mixes.forEach((mix, i) => (mixes[found.from + i] = mix))
        take(found, job)
      }
      const quick = await quickMixes(job, taken)
      note.value = quick.note
      proved.value = quick.proved
      const keep = (): void => keepFound(job, { ...quick, mixes, proved: proved.value })
      if (quick.proved) return keep()
      // A large box: good drops stand already, now each step is proved in turn.
      let sure = true
      const { paints, bottles, maxPaints, maxDrops, others } = job
      const { steps, reached } = quick
      const targets = [...steps, ...others].map(({ target }) => target)
      for (let from = 0; from < targets.length && newest(); from++) {
        const limits = { paints, bottles, maxPaints, maxDrops, patienceMs: PROOF_MS }
        const one = await threads.recipe().find({ ...limits, targets: [targets[from]!] })
        if (newest()) await taken({ mixes: one.mixes, from, steps, reached })
        sure &&= one.proved
      }
      if (!newest()) return
      proved.value = sure
      keep()
    },
    { words: (why) => `The search stopped: ${why}` },
  )
  function search(job: Job): void {
    const last = seen.has(job.figure) ? undefined : lastFound(job)
    seen.add(job.figure)
    again.value = last && job
    if (!last) return ask(job)
    take(last, job)
    note.value = last.note
    proved.value = last.proved
    whenShown(() => again.value === job && ask(job))
  }
  /** What stands already is found again without a word. */
  const searching = computed(() => busy.value && !again.value)
  return { searching, trouble, proved, note, search }
}
