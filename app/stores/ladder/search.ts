import { ref, shallowRef } from 'vue'
import type { MixingNote } from '../../../core'
import type { FoundMix } from '../../workers/recipeJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import type { LadderJob } from './plan'

/** A large box is searched so long for each step at once, and so long for its proof afterwards, ms. */
const QUICK_MS = 30
const PROOF_MS = 2500

/** Mixes as far as they are known: the first stands for target `from` of the job. */
interface Found {
  mixes: FoundMix[]
  from: number
  proved: boolean
  note?: MixingNote
}

/**
 * Mixes of a ladder, the best that a moment finds.
 * @param take is handed them as they come.
 */
export async function quickMixes(job: LadderJob, take: (found: Found) => void): Promise<Found> {
  const { mixing, own, base, ...rest } = job
  const find = (targets: LadderJob['targets'], patienceMs: number) =>
    threads.recipe().find({ ...rest, targets, patienceMs })
  if (!mixing) {
    const found = { ...(await find(job.targets, QUICK_MS)), from: 0 }
    take(found)
    return found
  }
  const patienceMs = PROOF_MS / 20
  const targets = job.targets.slice(0, own)
  const mixed = await threads.recipe().mix({ ...rest, targets, patienceMs, mixing, base })
  const found = { ...mixed, from: 0, proved: true }
  take(found)
  const others = job.targets.slice(own)
  if (others.length > 0) take({ ...(await find(others, patienceMs)), from: own, proved: true })
  return found
}

/** The search for one ladder: of jobs that come in meanwhile only the newest is done. */
export function useMixSearch<Job extends LadderJob>(
  take: (mixes: readonly FoundMix[], from: number, job: Job) => void,
) {
  /** False while a large box was searched for a moment only. */
  const proved = ref(true)
  /** What is to be known of the way the ladder is mixed. */
  const note = shallowRef<MixingNote>()

  const { busy, trouble, ask } = useAnswer<Job, void>(
    async (job, { newest }) => {
      const quick = await quickMixes(job, ({ mixes, from }) => take(mixes, from, job))
      note.value = quick.note
      proved.value = quick.proved
      if (quick.proved) return
      // A large box: good drops stand already, now each step is proved in turn.
      let sure = true
      const { paints, maxPaints, maxDrops } = job
      for (let i = 0; i < job.targets.length && newest(); i++) {
        const limits = { paints, maxPaints, maxDrops, patienceMs: PROOF_MS }
        const one = await threads.recipe().find({ ...limits, targets: [job.targets[i]!] })
        if (newest()) take(one.mixes, i, job)
        sure &&= one.proved
      }
      if (newest()) proved.value = sure
    },
    { words: (why) => `The search stopped: ${why}` },
  )
  return { searching: busy, trouble, proved, note, search: ask }
}
