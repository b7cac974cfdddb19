import { wrap } from 'comlink'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { forms } from '../../core'
import type { FormKey } from '../../core'
import { heard } from '../workers/heard'
import type { ShownForm } from '../workers/shownForm'
import type { SculptApi } from '../workers/sculptWorker'
import { newId } from './newId'
import { useLadder } from './ladder/ladder'
import { useProject } from './project/project'
import type { KeptSculpt } from './vault/sculpts'

/** The form that the ladder is seen on: one of ours, or the painter's own sculpt for this figure. */
export const useForm = defineStore('form', () => {
  const store = useProject()
  const ladder = useLadder()
  const geometry = shallowRef<ShownForm>()
  const own = shallowRef<KeptSculpt>()
  /** Share of a sculpt that is read; nothing when none is being read. */
  const progress = ref<number>()
  const trouble = ref('')
  /** How fine a sculpt is taken: what draws it says so. */
  const detail = ref<'fine' | 'coarse'>('coarse')
  const key = computed<FormKey>(() => store.plan.form ?? 'head')
  const name = computed(() => own.value?.name ?? forms[key.value].name)
  let worker: ReturnType<typeof wrap<SculptApi>> | undefined
  const api = () =>
    (worker ??= wrap<SculptApi>(
      new Worker(new URL('../workers/sculptWorker.ts', import.meta.url), { type: 'module' }),
    ))

  function take(made: ShownForm): void {
    geometry.value = made
    ladder.form = made.samples
  }
  const ready = new Map<FormKey, ShownForm>()
  let turn = 0
  async function open(sculpt: string | undefined, wanted: FormKey): Promise<void> {
    const mine = ++turn
    try {
      const kept = sculpt === undefined ? undefined : await api().kept(sculpt)
      if (mine !== turn) return
      own.value = kept
      if (kept) return take(kept)
    } catch {
      // Storage may be refused; the forms of our own still show.
      own.value = undefined
    }
    try {
      let made = ready.get(wanted)
      if (!made) {
        const answer = await fetch(`/forms/${wanted}.glb`)
        if (!answer.ok) throw new Error(`the server answered ${answer.status}`)
        made = await api().form(await answer.arrayBuffer())
        ready.set(wanted, made)
      }
      if (mine === turn) take(made)
    } catch (error) {
      if (mine === turn)
        trouble.value = `The form could not be loaded: ${(error as Error).message}. The ladder goes on without it.`
    }
  }
  const figure = computed(() => store.figure.id)
  const sculpt = computed(() => store.figure.sculpt)
  /** What is shown already: a sculpt that was just read need not be fetched again. */
  let shownSculpt: string | undefined
  watch(
    [figure, sculpt, key],
    ([, id, wanted]) => {
      if (id === undefined || id !== shownSculpt) void open(id, wanted)
      shownSculpt = id
    },
    { immediate: true },
  )

  /** Reads a sculpt of the painter's own and keeps it with this figure in this browser. */
  async function load(file: File): Promise<void> {
    trouble.value = ''
    progress.value = 0
    const figure = store.figure.id
    const id = newId()
    try {
      const made = await heard<number, Awaited<ReturnType<SculptApi['read']>>>(
        (tell) => api().read(id, file.name, file, detail.value, tell),
        (done) => (progress.value = done),
      )
      if ('trouble' in made) trouble.value = `${file.name}: ${made.trouble}`
      else {
        own.value = made
        turn++
        shownSculpt = id
        take(made)
        store.setFigure(figure, { sculpt: id })
        if (!made.kept)
          trouble.value = `${file.name} is shown, but this browser refused to keep it.`
      }
    } catch (error) {
      trouble.value = `${file.name}: ${(error as Error).message}`
    } finally {
      progress.value = undefined
    }
  }
  /** The figure is shown on one of our forms again; undo brings the sculpt back. */
  function drop(): void {
    own.value = undefined
    store.setFigure(store.figure.id, { sculpt: undefined })
  }
  return { geometry, own, name, key, progress, trouble, detail, load, drop }
})
