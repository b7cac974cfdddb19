import { failureWords } from '../../words/failure'
import { computed, ref, watch } from 'vue'
import { longest } from '../../../core'
import { useTonePicture } from '../../stores/picture/pictures'
import { useProject } from '../../stores/project/project'
import { keepPhoto, photoOf } from '../../vault/photos'

/** The picture of the figure that is open: what is kept with it comes back, what is opened can be kept. */
export function useFigurePicture() {
  const project = useProject()
  const store = useTonePicture()
  /** The painter has opened one for this figure already. */
  const hasOne = (figure: string): boolean =>
    store.owner === figure && (store.picture !== undefined || store.progress !== undefined)
  watch(
    () => [project.figure.id, project.figure.picture?.photo] as const,
    async ([figure, photo]) => {
      if (hasOne(figure)) return
      const kept = photo ? await photoOf(photo).catch(() => null) : null
      if (project.figure.id !== figure || hasOne(figure)) return
      const name = project.figure.picture?.name ?? 'picture'
      if (kept) store.open(new File([kept], name, { type: kept.type }), figure)
      else store.close()
    },
    { immediate: true },
  )
  const busy = ref(false)
  const trouble = ref('')
  /** Whether what is shown is what is kept. */
  const isKept = computed(
    () => project.figure.picture !== undefined && project.figure.picture.name === store.name,
  )
  async function keep(): Promise<void> {
    const { file, name } = store
    const { id } = project.figure
    if (!file) return
    busy.value = true
    trouble.value = ''
    try {
      const photo = await keepPhoto(file)
      project.setFigure(id, { picture: { photo, name: name.slice(0, longest.name) } })
    } catch (error) {
      trouble.value = `It was not kept: ${failureWords(error)}.`
    }
    busy.value = false
  }
  return { isKept, busy, trouble, keep }
}
