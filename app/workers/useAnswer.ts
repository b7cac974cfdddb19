import { getCurrentScope, onScopeDispose, ref, shallowRef } from 'vue'
import type { Ref, ShallowRef } from 'vue'

/** What a run may ask and tell on its way. */
export interface Asking<Answer> {
  /** Whether nothing newer was asked meanwhile. */
  newest: () => boolean
  /** Shows what is known so far. */
  soFar: (answer: Answer) => void
}

export interface AnswerOptions {
  /** Cuts a run short when something newer is asked; its answer is then not shown. */
  interrupt?: () => void
  /** What is said of a failure. */
  words?: (why: string) => string
}

export interface Asked<Job, Answer> {
  answer: ShallowRef<Answer | undefined>
  /** Why the last question has no answer; empty while it has. */
  trouble: Ref<string>
  /** Whether an answer is still to come. */
  busy: Ref<boolean>
  ask: (job: Job) => void
  /** What is under way is no longer waited for; what was answered stays. */
  stop: () => void
  /** Nothing is asked any more: the answer goes, and what is under way is not shown. */
  forget: () => void
}

/**
 * The one way to ask what takes time. One question is worked at a time, and of those that come in meanwhile only the
 * newest: what a dragged slider asked for in between is never computed. A failure is shown, and the next answer takes
 * it away.
 * @example const { answer, trouble, ask } = useAnswer((job: Job) => threads.recipe().find(job))
 */
export function useAnswer<Job, Answer>(
  run: (job: Job, way: Asking<Answer>) => Promise<Answer>,
  { interrupt, words = (why) => why }: AnswerOptions = {},
): Asked<Job, Answer> {
  const answer = shallowRef<Answer>()
  const trouble = ref('')
  const busy = ref(false)
  let waiting: { job: Job } | undefined
  let running = false
  /** The run that may speak; another has begun, or nothing is asked, when it is no longer the same. */
  let current = {}

  async function start(job: Job): Promise<void> {
    running = true
    const mine = (current = {})
    const heard = (): boolean => mine === current && !(interrupt && waiting)
    const soFar = (found: Answer): void => {
      if (!heard()) return
      answer.value = found
      trouble.value = ''
    }
    try {
      soFar(await run(job, { soFar, newest: () => mine === current && !waiting }))
    } catch (error) {
      if (heard()) trouble.value = words((error as Error).message)
    }
    running = false
    const next = waiting
    waiting = undefined
    if (next) void start(next.job)
    else busy.value = false
  }
  function ask(job: Job): void {
    busy.value = true
    if (!running) return void start(job)
    waiting = { job }
    interrupt?.()
  }
  function stop(): void {
    current = {}
    waiting = undefined
    busy.value = false
    if (running) interrupt?.()
  }
  function forget(): void {
    stop()
    answer.value = undefined
    trouble.value = ''
  }
  if (getCurrentScope()) onScopeDispose(stop)
  return { answer, trouble, busy, ask, stop, forget }
}
