import { computed, reactive, ref } from 'vue'
import type { Project } from '../../../core'
import { starterIds } from '../../stores/paints'
import { newId } from '../../vault/newId'
import { commissionFrom, kinds, tonesOf } from './answers'
import type { Bottles, KindKey } from './answers'
import { bottleSets } from './bottleSets'

/** What is said of one kind so far. */
export interface LineAnswers {
  /** Place of its size among those of its kind; empty until one is chosen. */
  size: number[]
  many: number
  tones: string[]
}

/** The answers as they stand; nothing is chosen that was not said. */
export function useAnswers() {
  const name = ref('New commission')
  const chosen = ref<KindKey[]>([])
  const lines = reactive(
    Object.fromEntries(
      kinds.map(({ key }) => [key, { size: [], many: 1, tones: [] }]),
    ) as unknown as Record<KindKey, LineAnswers>,
  )
  const set = ref<string[]>([])
  const own = ref<string[]>([])
  /** Questions in their order: what it is, then of each kind that was chosen, then the bottles. */
  const pages = computed<readonly ('kinds' | KindKey | 'bottles')[]>(() => [
    'kinds',
    ...kinds.flatMap(({ key }) => (chosen.value.includes(key) ? [key] : [])),
    'bottles',
  ])
  /** What a question still wants, in words; empty when it is answered. */
  function wants(page: (typeof pages.value)[number]): string {
    if (page === 'kinds') return chosen.value.length > 0 ? '' : 'choose one or several'
    if (page === 'bottles') {
      if (set.value.length === 0) return 'choose one of them'
      return set.value[0] === 'own' && own.value.length === 0 ? 'tick the bottles you have' : ''
    }
    const { size, tones } = lines[page]
    const wanted = [
      ...(size.length > 0 ? [] : ['a size']),
      ...(tones.length > 0 ? [] : [`a ${page === 'person' ? 'skin' : 'skin or hide'}`]),
    ]
    return wanted.length > 0 ? `choose ${wanted.join(' and ')}` : ''
  }
  /** @param projectOf another commission, whose bottles may be wanted. */
  async function bottles(projectOf: (id: string) => Promise<Project>): Promise<Bottles> {
    const key = set.value[0] ?? 'none'
    if (key === 'none') return { owned: [] }
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
        lines: kinds.flatMap(({ key, sizes }) => {
          const { size, many, tones } = lines[key]
          const said = sizes[size[0] ?? 0]
          return chosen.value.includes(key) && said
            ? [
                {
                  kind: key,
                  size: said,
                  many: many || 1,
                  tones: tonesOf(key).filter((tone) => tones.includes(tone.key)),
                },
              ]
            : []
        }),
        bottles: await bottles(projectOf),
      },
      [...starterIds],
      newId,
    )
  return { name, chosen, lines, set, own, pages, wants, made }
}
