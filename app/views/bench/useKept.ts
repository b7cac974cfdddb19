import { ref, shallowRef, watch } from 'vue'
import { deltaE00, labOf, longest, mixPaints, opaqueReflectance, predictMix } from '../../../core'
import type { Lab, LogEntry, StackCoat } from '../../../core'
import { useBench } from '../../stores/bench/bench'
import { newId } from '../../vault/newId'
import { useProject } from '../../stores/project/project'

/** What the painter says of a well that was mixed. */
export type Made = Omit<LogEntry, 'id' | 'at' | 'figure' | 'who' | 'what' | 'of' | 'predicted'>

/** A well that came out too far from what it should be. */
interface Off {
  parts: LogEntry['parts']
  aim: Lab
  found: Lab
  by: number
}

/** Colour of a coat's puddle, opaque. */
export const wellOf = ({ parts }: StackCoat): Lab => labOf(opaqueReflectance(mixPaints(parts)))

/** Writes down what happened at the bench, and says when a well is off. */
export function useKept(coat: () => StackCoat | undefined) {
  const store = useProject()
  const bench = useBench()
  /** When this move came up: the time it took is what went by since. */
  const since = ref(Date.now())
  watch(
    () => bench.now?.move.id,
    () => (since.value = Date.now()),
  )
  const off = shallowRef<Off>()

  function keep(made: Made): void {
    const { now } = bench
    const planned = coat()
    if (!now || !planned) return
    const paints = new Map(planned.parts.map(({ paint }) => [paint.id, paint]))
    const real = made.parts.map(({ paint, drops }) => ({ paint: paints.get(paint)!, drops }))
    const { L, a, b } = predictMix(real).lab
    const written = store.addToLog({
      id: newId(),
      at: new Date().toISOString(),
      figure: now.move.figure,
      who: bench.figureName(now.move).slice(0, longest.name),
      what: now.move.words.slice(0, longest.words),
      of: now.move.of,
      kind: planned.kind,
      predicted: { L, a, b },
      ...made,
    })
    if (!written) return
    const aim = wellOf(planned)
    const by = made.real ? deltaE00(aim, made.real) : 0
    off.value =
      made.real && by > bench.tolerance
        ? { parts: made.parts, aim, found: made.real, by }
        : undefined
  }
  const minutes = (): number => Math.round((Date.now() - since.value) / 60_000)
  return { minutes, off, keep }
}
