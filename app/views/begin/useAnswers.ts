import { computed, ref, watch } from 'vue'
import { figureSizes, sameSize } from '../../../core'
import type { FigureSize, Project } from '../../../core'
import { newId } from '../../vault/newId'
import { starterIds } from '../../stores/paints'
import { commissionFrom, jobs, startingTones } from './answers'
import type { Bottles, JobKey } from './answers'
import { bottleSets } from './bottleSets'

const sizeAt = (size: FigureSize): number => figureSizes.findIndex((one) => sameSize(one, size))

/** The answers as they stand; each has one from the start, and a kind of job brings what is usual for it. */
export function useAnswers() {
  const name = ref('New commission')
  const job = ref<JobKey[]>(['figure'])
  const many = ref(1)
  const size = ref([sizeAt({ heightMm: 54 })])
  const tones = ref<string[]>(['skin tan'])
  const set = ref<string[]>([bottleSets[0].key])
  const own = ref<string[]>([...bottleSets[0].ids])
  const several = computed(() => job.value[0] === 'company')
  watch(
    () => job.value[0],
    (key) => {
      const usual = jobs.find((one) => one.key === key)!
      many.value = usual.many
      size.value = [sizeAt(usual.size)]
      const kind = key === 'pack' ? 'hide' : 'skin'
      const chosen = startingTones.filter((one) => tones.value.includes(one.key))
      const fits = several.value || chosen[0]?.tone.kind === kind
      const list = fits ? chosen : startingTones.filter(({ tone }) => tone.kind === kind)
      tones.value = list.slice(0, several.value ? list.length : 1).map((one) => one.key)
    },
  )
  /** @param projectOf another commission, whose bottles may be wanted. */
  async function bottles(projectOf: (id: string) => Promise<Project>): Promise<Bottles> {
    const [key = bottleSets[0].key] = set.value
    if (key === 'own') return { owned: own.value }
    const ready = bottleSets.find((one) => one.key === key)
    if (ready) return { owned: ready.ids }
    const { box = [], bottles: known = {}, out } = await projectOf(key.slice('of '.length))
    return { owned: [...starterIds].filter((id) => !out.includes(id)), box, known }
  }
  const made = async (projectOf: (id: string) => Promise<Project>): Promise<Project> =>
    commissionFrom(
      {
        name: name.value,
        job: job.value[0]!,
        many: many.value || 1,
        size: figureSizes[size.value[0]!]!,
        tones: startingTones.filter(({ key }) => tones.value.includes(key)),
        bottles: await bottles(projectOf),
      },
      [...starterIds],
      newId,
    )
  return { name, job, many, size, tones, set, own, several, made }
}
