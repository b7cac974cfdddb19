import { failureWords } from '../words/failure'
import { defineStore } from 'pinia'
import { computed, ref, watch } from 'vue'
import { formKeyOf, forms } from '../../core'
import type { FormKey } from '../../core'
import { heard } from '../workers/heard'
import type { ShownForm } from '../vault/shownForm'
import type { SculptApi } from '../workers/sculptWorker'
import { threads } from '../workers/threads'
import { useAnswer } from '../workers/useAnswer'
import { newId } from '../vault/newId'
import { useProject } from './project/project'
import type { KeptSculpt } from '../vault/sculpts'

interface Shown {
  form: ShownForm
  /** The painter's own sculpt, and its id, where it is that. */
  own?: KeptSculpt
  of?: string
}

interface WantedForm {
  sculpt: string | undefined
  wanted: FormKey
}
const ready = new Map<FormKey, ShownForm>()
async function formOf(wanted: FormKey): Promise<ShownForm> {
  const known = ready.get(wanted)
  if (known) return known
  const answer = await fetch(`/forms/${wanted}.glb`)
  if (!answer.ok) throw new Error(`the server answered ${answer.status}`)
  const made = await threads.sculpt().form(await answer.arrayBuffer())
  ready.set(wanted, made)
  return made
}
export const formTrouble = (why: string): string =>
  `The form could not be loaded: ${why}. The ladder goes on without it.`
/** One of our forms, or the painter's own sculpt. */
export async function formOfFigure({ sculpt, wanted }: WantedForm): Promise<Shown> {
  // Storage may be refused; the forms of our own still show.
  const own =
    sculpt &&
    (await threads
      .sculpt()
      .kept(sculpt)
      .catch(() => undefined))
  return own ? { form: own, own, of: sculpt } : { form: await formOf(wanted) }
}

/** The form that the ladder is seen on: one of ours, or the painter's own sculpt for this figure. */
export const useForm = defineStore('form', () => {
  const store = useProject()
  /** Share of a sculpt that is read; nothing when none is being read. */
  const progress = ref<number>()
  /** Why a sculpt could not be read. */
  const reading = ref('')
  const trouble = computed(() => reading.value || shown.trouble.value)
  /** How fine a sculpt is taken: what draws it says so. */
  const detail = ref<'fine' | 'coarse'>('coarse')
  const key = computed<FormKey>(() => formKeyOf(store.plan))
  const name = computed(() => own.value?.name ?? forms[key.value].name)
  const shown = useAnswer<WantedForm, Shown>(formOfFigure, {
    words: formTrouble,
  })
  const geometry = computed(() => shown.answer.value?.form)
  const own = computed(() => shown.answer.value?.own)
  watch(
    [() => store.figure.id, () => store.figure.sculpt, key],
    ([, sculpt, wanted]) => {
      // A sculpt that was just read need not be fetched again.
      if (sculpt === undefined || sculpt !== shown.answer.value?.of) shown.ask({ sculpt, wanted })
    },
    { immediate: true },
  )

  /** Reads a sculpt of the painter's own and keeps it with this figure in this browser. */
  async function load(file: File): Promise<void> {
    reading.value = ''
    progress.value = 0
    const figure = store.figure.id
    const id = newId()
    try {
      const made = await heard<number, Awaited<ReturnType<SculptApi['read']>>>(
        (tell) => threads.sculpt().read(id, file.name, file, detail.value, tell),
        (done) => (progress.value = done),
      )
      if ('trouble' in made) reading.value = `${file.name}: ${made.trouble}`
      else {
        shown.forget()
        shown.answer.value = { form: made, own: made, of: id }
        store.setFigure(figure, { sculpt: id })
        if (!made.kept)
          reading.value = `${file.name} is shown, but this browser refused to keep it.`
      }
    } catch (error) {
      reading.value = `${file.name}: ${failureWords(error)}`
    } finally {
      progress.value = undefined
    }
  }
  /** The figure is shown on one of our forms again; undo brings the sculpt back. */
  function drop(): void {
    store.setFigure(store.figure.id, { sculpt: undefined })
  }
  return { geometry, own, name, key, progress, trouble, detail, load, drop }
})
