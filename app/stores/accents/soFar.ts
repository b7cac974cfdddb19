import { computed } from 'vue'
import { paintingOrder, stepNames } from '../../../core'
import type { Lab } from '../../../core'
import { useCoats } from '../coats/coats'
import { useLadder } from '../ladder/ladder'
import { useAccents } from './accents'

/** A place of life as it is painted: a glaze that takes one colour to another, or paint that covers. */
export interface Living {
  zone: string
  glaze?: { from: Lab; to: Lab }
  cover?: Lab
}
/** One thing that is painted after the other. */
interface Stage {
  name: string
  /** Steps that are painted by then, as places among those of the ladder. */
  steps: ReadonlySet<number>
  life: readonly Living[]
}

/**
 * The figure as it is painted along its plan: bare, its base, the shadows downward, the lights upward, then places of
 * life, eyes and teeth.
 */
export function useSoFar() {
  const ladder = useLadder()
  const accents = useAccents()
  const coats = useCoats()
  const colours = computed(() => ladder.steps.map(({ painted, target }) => painted ?? target))
  /** The undercoat, as far as one colour stands for it. */
  const bare = computed<Lab>(() => coats.layers?.middle.flat[0] ?? { L: 70, a: 0, b: 0 })
  const glazes = computed<(Living & { name: string })[]>(() =>
    accents.zones.flatMap(({ key, name }) => {
      const found = accents.found.get(key)
      if (!found || found.passes === 0) return []
      return [{ zone: key, name, glaze: { from: found.before, to: found.after } }]
    }),
  )
  const small = computed<(Living & { name: string })[]>(() =>
    accents.details.flatMap(({ key, name, on, tones }) => {
      const lab = (tones.find(({ tone }) => tone === 'middle') ?? tones[0])?.lab
      if (!on || !lab) return []
      if (key !== 'eye' && key !== 'clouded-eye') return [{ zone: key, name, cover: lab }]
      const iris = key === 'eye' ? colours.value[0]! : lab
      return [
        { zone: 'eye', name, cover: lab },
        { zone: 'iris', name, cover: iris },
      ]
    }),
  )
  const stages = computed<Stage[]>(() => {
    const { steps } = ladder
    const base = steps.findIndex(({ key }) => key === 'base')
    const order = paintingOrder(base, steps.length - 1 - base)
    const made: Stage[] = [{ name: 'the bare undercoat', steps: new Set(), life: [] }]
    order.forEach((at, i) =>
      made.push({
        name: stepNames[steps[at]!.key],
        steps: new Set(order.slice(0, i + 1)),
        life: [],
      }),
    )
    const all = new Set(order)
    const life: Living[] = []
    for (const one of [...glazes.value, ...small.value]) {
      life.push(one)
      if (one.zone !== 'iris') made.push({ name: one.name, steps: all, life: [...life] })
      else made.at(-1)!.life = [...life]
    }
    return made
  })
  /** Colours of all steps when only some are painted: what is not, is as the nearest that is, toward the base. */
  const labsAt = (stage: Stage): Lab[] => {
    const base = ladder.steps.findIndex(({ key }) => key === 'base')
    return colours.value.map((_, i) => {
      let at = i
      while (at !== base && !stage.steps.has(at)) at += at < base ? 1 : -1
      return stage.steps.has(at) ? colours.value[at]! : bare.value
    })
  }
  const second = computed<Lab[] | undefined>(() =>
    ladder.otherSteps.length > 0
      ? ladder.otherSteps.map(({ painted, target }) => painted ?? target)
      : undefined,
  )
  return { stages, labsAt, second }
}
