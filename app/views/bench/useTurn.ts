import { createSharedComposable } from '@vueuse/core'
import { computed } from 'vue'
import { coatKinds, isBottle, zonesOf } from '../../../core'
import type { Ingredient } from '../../../core'
import { useBench } from '../../stores/bench/bench'
import { useWhere } from '../../stores/bench/where'
import { useProject } from '../../stores/project/project'
import { placeWords } from '../../words/places'
import { forWords, howLaid, laySpoken, layTitle, mixSpoken, mixTitle } from '../../words/turns'

/** The turn at hand in words: what is mixed or laid, how, where, for whom; the same for all that show it. */
export const useTurn = createSharedComposable(() => {
  const bench = useBench()
  const store = useProject()
  const turn = computed(() => bench.turn)
  const move = computed(() => turn.value?.move)
  const palette = computed(() => move.value && bench.palettes.get(move.value.figure))
  const coat = computed(() => move.value && bench.coatOf(move.value))
  const nameOf = (of: Ingredient): string => palette.value?.nameOf(of) ?? '…'
  /** The well that is mixed, or the one that the move is painted from. */
  const well = computed<Ingredient | undefined>(() => {
    if (turn.value?.kind === 'mix') return turn.value.well.of
    return move.value && bench.wellOf(move.value)
  })
  const names = computed(() => {
    const serves = turn.value?.kind === 'mix' ? turn.value.serves : []
    return store.project.figures.filter(({ id }) => serves.includes(id)).map(({ name }) => name)
  })
  const title = computed(() => {
    if (!turn.value) return ''
    if (turn.value.kind === 'mix') {
      const { move: next, well: mixed } = turn.value
      return mixTitle(nameOf(mixed.of), next.of)
    }
    const name = well.value && palette.value ? nameOf(well.value) : undefined
    return layTitle(turn.value.move, coat.value, name)
  })
  const where = useWhere(
    () => move.value,
    () => palette.value,
  )
  const whereWords = computed(() => {
    const one = move.value
    if (!one || !where.value) return ''
    if (one.of.kind === 'detail') return one.words
    if (one.of.kind === 'sketch') return 'what the light from above reaches'
    const tone = palette.value?.paint.figure.tone
    return placeWords(where.value.place, tone ? zonesOf(tone) : [])
  })
  const who = computed(() => {
    if (!turn.value) return store.figure.name
    return turn.value.kind === 'mix' ? forWords(names.value) : bench.figureName(turn.value.move)
  })
  const how = computed(() =>
    turn.value?.kind === 'lay' ? howLaid(turn.value.move, coat.value) : '',
  )
  /** What comes after. */
  const then = computed(() => {
    const coming = bench.following.map(({ move: next, mixes }) => ({
      id: next.id,
      words: `${next.figure === move.value?.figure ? '' : `${bench.figureName(next)}: `}${next.words}${mixes ? '; mix first' : ''}`,
    }))
    const own = turn.value?.kind === 'mix' ? [{ id: 'own', words: turn.value.move.words }] : []
    return [...own, ...coming].slice(0, 3)
  })
  const spoken = computed(() => {
    const one = turn.value
    if (!one || !palette.value) return ''
    return one.kind === 'mix'
      ? mixSpoken(one.well, nameOf, names.value)
      : laySpoken(bench.figureName(one.move), title.value, how.value, whereWords.value)
  })
  /** Paints with a caution that are in hand now. */
  const hazards = computed(() => {
    const paints =
      turn.value?.kind === 'mix'
        ? turn.value.well.parts.flatMap(({ of }) => (isBottle(of) ? of.bottle : []))
        : undefined
    const all = coat.value?.parts.map(({ paint }) => paint) ?? []
    return [
      ...new Set(
        all
          .filter(({ id }) => paints === undefined || paints.includes(id))
          .flatMap((paint) => paint.hazards ?? []),
      ),
    ]
  })
  const sprayed = computed(() => {
    if (turn.value?.kind === 'mix' || !move.value) return undefined
    if (coat.value && coatKinds[coat.value.kind].sprayed) return 'always' as const
    return ['undercoat', 'sketch'].includes(move.value.of.kind) ? ('maybe' as const) : undefined
  })
  return {
    turn,
    who,
    then,
    move,
    palette,
    coat,
    well,
    names,
    title,
    how,
    where,
    whereWords,
    spoken,
    hazards,
    sprayed,
  }
})
