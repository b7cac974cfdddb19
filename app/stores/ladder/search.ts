import { ref, shallowRef } from 'vue'
import type { MixingNote, ReachedEnds, Target } from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import type { LadderJob } from './plan'

/** A large box is searched so long for each step at once, and so long for its proof afterwards, ms. */
const QUICK_MS = 30
const PROOF_MS = 2500

/** A ladder as far as it is known: mixes from target `from` on, its own steps first. */
interface Found {
  /** Its own steps, as far as the paint goes. */
  steps: readonly Target[]
  reached: ReachedEnds
  mixes: FoundMix[]
  from: number
  proved: boolean
  note?: MixingNote
}

/**
 * Mixes of a ladder, the best that a moment finds.
 * @param take is handed them as they come.
 * @param recipe the thread that looks for them.
 */
export async function quickMixes(
  job: LadderJob,
  take: (found: Found) => void = () => undefined,
  recipe = threads.recipe,
): Promise<Found> {
  const { paints, maxPaints, maxDrops, mixing, others } = job
  const limits = { paints, maxPaints, maxDrops }
  const find = (targets: readonly Target[], patienceMs: number) =>
    recipe().find({ ...limits, targets: targets.map(({ target }) => target), patienceMs })
  const { base, mood, moved } = job
  const reached = await recipe().ends({ ...limits, base, mood, moved, patienceMs: QUICK_MS })
  const steps = job.targetsAt(reached.ends)
  const known = { steps, reached, from: 0 }
  if (!mixing) {
    const found = { ...known, ...(await find([...steps, ...others], QUICK_MS)) }
    take(found)
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
  take(found)
  if (others.length > 0)
    take({ ...known, ...(await find(others, patienceMs)), from: steps.length, proved: true })
  return found
}

/** The search for one ladder: of jobs that come in meanwhile only the newest is done. */
export function useMixSearch<Job extends LadderJob>(
  take: (found: Pick<Found, 'mixes' | 'from' | 'steps' | 'reached'>, job: Job) => void,
) {
  /** False while a large box was searched for a moment only. */
  const proved = ref(true)
  /** What is to be known of the way the ladder is mixed. */
  const note = shallowRef<MixingNote>()

  const { busy, trouble, ask } = useAnswer<Job, void>(
    async (job, { newest }) => {
      const quick = await quickMixes(job, (found) => take(found, job))
      note.value = quick.note
      proved.value = quick.proved
      if (quick.proved) return
      // A large box: good drops stand already, now each step is proved in turn.
      let sure = true
      const { paints, maxPaints, maxDrops, others } = job
      const { steps, reached } = quick
      const targets = [...steps, ...others].map(({ target }) => target)
      for (let from = 0; from < targets.length && newest(); from++) {
        const limits = { paints, maxPaints, maxDrops, patienceMs: PROOF_MS }
        const { mixes, ...one } = await threads
          .recipe()
          .find({ ...limits, targets: [targets[from]!] })
        if (newest()) take({ mixes, from, steps, reached }, job)
        sure &&= one.proved
      }
      if (newest()) proved.value = sure
    },
    { words: (why) => `The search stopped: ${why}` },
  )
  return { searching: busy, trouble, proved, note, search: ask }
}
