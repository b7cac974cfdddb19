import { wrap } from 'comlink'
import { defineStore } from 'pinia'
import { markRaw, ref, shallowRef, watch } from 'vue'
import type { Lab, Picture } from '../../../core'
import { heard } from '../../workers/heard'
import { latestOnly } from '../../workers/latestOnly'
import type { PictureAnswer, PictureApi, Point } from '../../workers/pictureWorker'

/** What a click on the picture does. */
export type PictureTool = 'neutral' | 'brush' | 'lasso' | 'point'

/** The open picture and what was found in it; it stays while the painter walks between rooms. */
export const usePicture = defineStore('picture', () => {
  const worker = wrap<PictureApi>(
    new Worker(new URL('../../workers/pictureWorker.ts', import.meta.url), { type: 'module' }),
  )
  const name = ref('')
  /** Whose picture it is: the figure it was opened for, or nobody's. */
  const owner = ref('')
  /** What was opened, to be kept if the painter wants. */
  const file = shallowRef<Blob>()
  const picture = shallowRef<Picture>()
  /** One byte a pixel; replaced, not changed, when the painter chooses more. */
  const mask = shallowRef<Uint8Array>()
  const chosen = ref(0)
  const neutral = ref<Point>()
  const count = ref(5)
  const point = shallowRef<{ at: Point; lab: Lab }>()
  const answer = shallowRef<PictureAnswer>()
  const progress = ref<number>()
  const trouble = ref('')
  let opening = 0

  const said = (error: unknown): void => {
    trouble.value = (error as Error).message
  }

  function forget(): void {
    mask.value = undefined
    chosen.value = 0
    neutral.value = undefined
    point.value = undefined
    answer.value = undefined
  }
  async function open(given: File, figure = ''): Promise<void> {
    const turn = ++opening
    trouble.value = ''
    progress.value = 0
    owner.value = figure
    try {
      const opened = await heard<number, Picture>(
        (tell) => worker.open(given, tell),
        (done) => {
          if (turn === opening) progress.value = done
        },
      )
      if (turn !== opening) return
      picture.value = markRaw(opened)
      name.value = given.name
      file.value = given
      forget()
    } catch (error) {
      trouble.value = `“${given.name}” was not opened: ${(error as Error).message}.`
    } finally {
      if (turn === opening) progress.value = undefined
    }
  }

  /** Another figure is looked at, that has no picture. */
  function close(): void {
    opening++
    picture.value = undefined
    progress.value = undefined
    trouble.value = ''
    name.value = ''
    owner.value = ''
    file.value = undefined
    forget()
  }

  interface Ask {
    mask: Uint8Array | undefined
    count: number
    neutral: Point | undefined
  }
  const look = latestOnly<Ask, PictureAnswer>(
    ({ mask, count, neutral }) => worker.tones(mask, count, neutral && { ...neutral }),
    (found) => {
      answer.value = found
      trouble.value = ''
    },
    said,
  )
  watch([picture, mask, count, neutral], () => {
    if (picture.value) look({ mask: mask.value, count: count.value, neutral: neutral.value })
  })

  async function pick(at: Point): Promise<void> {
    try {
      const light = neutral.value && { ...neutral.value }
      point.value = { at, lab: await worker.colourAt({ ...at }, light) }
      trouble.value = ''
    } catch (error) {
      said(error)
    }
  }
  watch(neutral, () => point.value && void pick(point.value.at))

  function choose(next: Uint8Array | undefined): void {
    mask.value = next && markRaw(next)
    chosen.value = next ? next.reduce((sum, v) => sum + v, 0) : 0
  }

  return {
    owner,
    file,
    close,
    name,
    picture,
    mask,
    chosen,
    neutral,
    count,
    point,
    answer,
    progress,
    trouble,
    open,
    pick,
    choose,
  }
})
