import { computed, markRaw, ref, shallowRef, watch } from 'vue'
import type { Reactive } from 'vue'
import type { Lab, Picture } from '../../../core'
import { heard } from '../../workers/heard'
import type { PictureAnswer, PicturePoint } from '../../workers/pictureWorker'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'

/** What a click on the picture does. */
export type PictureTool = 'neutral' | 'brush' | 'lasso' | 'point'

interface Ask {
  mask: Uint8Array | undefined
  count: number
  neutral: PicturePoint | undefined
}

/**
 * One open picture and what was found in it. Every slot has its own, so that two that are open do not meet.
 * @param tones whether the tones in it are looked for.
 */
export function openPicture(slot: string, { tones = true } = {}) {
  const name = ref('')
  /** Whose picture it is: the figure it was opened for, or nobody's. */
  const owner = ref('')
  /** What was opened, to be kept if the painter wants. */
  const file = shallowRef<Blob>()
  /** One byte a pixel; replaced, not changed, when the painter chooses more. */
  const mask = shallowRef<Uint8Array>()
  const chosen = ref(0)
  const neutral = ref<PicturePoint>()
  const count = ref(5)
  const progress = ref<number>()

  function forget(): void {
    mask.value = undefined
    chosen.value = 0
    neutral.value = undefined
    found.forget()
    picked.forget()
  }
  const opened = useAnswer<File, Picture>(async (given, { newest }) => {
    const made = await heard<number, Picture>(
      (tell) => threads.picture().open(slot, given, tell),
      (done) => {
        if (newest()) progress.value = done
      },
    ).catch((error: Error) => {
      throw new Error(`“${given.name}” was not opened: ${error.message}.`)
    })
    if (newest()) {
      name.value = given.name
      file.value = given
      forget()
    }
    return markRaw(made)
  })
  const found = useAnswer<Ask, PictureAnswer>(({ mask, count, neutral }) =>
    threads.picture().tones(slot, mask, count, neutral && { ...neutral }),
  )
  const picked = useAnswer<PicturePoint, { at: PicturePoint; lab: Lab }>(async (at) => {
    const light = neutral.value && { ...neutral.value }
    return { at, lab: await threads.picture().colourAt(slot, { ...at }, light) }
  })
  watch([opened.answer, mask, count, neutral], () => {
    if (tones && opened.answer.value)
      found.ask({ mask: mask.value, count: count.value, neutral: neutral.value })
  })
  watch(neutral, () => picked.answer.value && picked.ask(picked.answer.value.at))
  watch(opened.busy, (busy) => {
    if (!busy) progress.value = undefined
  })

  const trouble = computed(
    () => opened.trouble.value || found.trouble.value || picked.trouble.value,
  )

  function open(given: File, figure = ''): void {
    progress.value = 0
    owner.value = figure
    opened.ask(given)
  }
  /** Another figure is looked at, that has no picture; or the slot goes. */
  function close(): void {
    opened.forget()
    progress.value = undefined
    name.value = ''
    owner.value = ''
    file.value = undefined
    forget()
    void threads.picture().close(slot)
  }
  function choose(next: Uint8Array | undefined): void {
    mask.value = next && markRaw(next)
    chosen.value = next ? next.reduce((sum, v) => sum + v, 0) : 0
  }
  /** What is neutral in the light of the picture. */
  function showNeutral(at: PicturePoint | undefined): void {
    neutral.value = at
  }
  return {
    owner,
    file,
    name,
    picture: opened.answer,
    trouble,
    mask,
    chosen,
    neutral,
    count,
    point: picked.answer,
    answer: found.answer,
    progress,
    open,
    close,
    pick: picked.ask,
    choose,
    showNeutral,
  }
}

/** As a component or a store sees it. */
export type OpenPicture = Reactive<ReturnType<typeof openPicture>>
