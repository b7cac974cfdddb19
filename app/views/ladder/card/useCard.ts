import { computed } from 'vue'
import type { Ref } from 'vue'
import {
  coatKinds,
  distances,
  EVERYWHERE,
  isBottle,
  stepPuddle,
  USUAL_FINISH,
  usual,
} from '../../../../core'
import type { Ingredient, LadderCard, PuddlePart, StepKey } from '../../../../core'
import { madeInWords, partWords } from '../../../words/amounts'
import { placeWords } from '../../../words/places'
import { sizeWords } from '../../../words/sizes'
import { useAccents } from '../../../stores/accents/accents'
import { coatedSteps } from '../../../stores/coats/coatedSteps'
import { useCoats } from '../../../stores/coats/coats'
import { useLadder } from '../../../stores/ladder/ladder'
import { usePalette } from '../../../stores/palette/palette'
import { useProject } from '../../../stores/project/project'
import { BELOW } from '../../../stores/range/sheet'
import { usePath } from '../path/usePath'

/** The recipe card of the open figure: true swatches, drops, thinning, path and notes. */
export function useCard(
  notes: Readonly<Ref<string>>,
  grey: Readonly<Ref<boolean>>,
  code?: Readonly<Ref<LadderCard['code']>>,
) {
  const store = useProject()
  const ladder = useLadder()
  const coats = useCoats()
  const accents = useAccents()
  const palette = usePalette()
  const { inWords, nameOf: calledOf } = usePath()
  const notIn = computed(() => new Set(coats.missing.map(({ id }) => id)))
  const nameOf = (of: Ingredient): string =>
    isBottle(of) && notIn.value.has(of.bottle) ? `${calledOf(of)} (not in)` : calledOf(of)

  /** The stack and the glazes of life go on the card once the painter has begun them. */
  const coatLines = computed(() => {
    if (!store.figure.stack) return []
    const { under, coats: rows } = coats.plan
    const first =
      under.kind === 'flat'
        ? `undercoat ${nameOf(under.of)}`
        : `undercoat ${nameOf(under.dark)}, then ${nameOf(under.light)} from above`
    return [
      first,
      ...rows.map(({ kind, of, thinner, thinnedWith, passes, place, finish }) => {
        const { name, thinner: usual } = coatKinds[kind]
        if (!coatKinds[kind].pigmented) return `${coatKinds[kind].name} ${finish ?? USUAL_FINISH}`
        const times = (passes ?? 1) > 1 ? ` × ${passes}` : ''
        const thin = `${thinner ?? usual} : 1 ${thinnedWith ?? 'water'}`
        return `${name} ${nameOf(of)} ${placeWords(place ?? EVERYWHERE, coats.zones)}, ${thin}${times}`
      }),
    ]
  })
  /** Glazes and small parts, with what they are painted with; how much of it stands with the puddles. */
  const accentLines = computed(() => [
    ...[...accents.found].map(([key, { made, ratio, passes }]) => {
      const name = accents.zones.find((zone) => zone.key === key)?.name ?? key
      return passes === 0
        ? `${name}: leave it`
        : `${name}: ${madeInWords(made, nameOf)}, ${ratio} : 1 × ${passes}`
    }),
    ...accents.details
      .filter(({ on }) => on)
      .map(
        ({ name, tones }) =>
          `${name}: ${tones.map(({ tone, made }) => `${tone} ${madeInWords(made, nameOf)}`).join(', ')}`,
      ),
  ])

  /** One line a part of a step, in the amount that is mixed of it. */
  function given(key: StepKey, made: readonly PuddlePart[]): string[] {
    const planned = palette.palette.plannedOf({ puddle: stepPuddle(store.figure.id, key) })
    return made.map(({ of, drops }, i) => {
      const count = planned ? planned.given.drops[i]! : drops
      return partWords(count, nameOf(of))
    })
  }
  return computed<LadderCard>(() => {
    const { plan, figure } = store
    const base = ladder.steps.findIndex(({ key }) => key === 'base')
    const coated = coatedSteps(figure, palette.palette, ladder.steps.length, base)
    return {
      title: figure.name,
      lines: [
        ...(figure.note ? [figure.note] : []),
        `${sizeWords(figure.size)}${figure.many > 1 ? `, ${figure.many} of it` : ''}, judged ${distances[plan.seenFrom ?? usual.seenFrom].name}`,
        `${ladder.steps.length} steps`,
        ...(coated ? [BELOW] : []),
      ],
      steps: ladder.steps.map(({ key, name, share, target, painted, made, off }, i) => ({
        name,
        share,
        lab: painted ?? target,
        ...(coated ? { coated: coated[i]! } : {}),
        off: off ?? 0,
        mix: given(key, made),
      })),
      thinning: 'Drops of paint, before thinning; how thin a mix is laid stands with its coat.',
      path: inWords.value,
      coats: coatLines.value,
      accents: accentLines.value,
      notes: notes.value,
      grey: grey.value,
      ...(code?.value ? { code: code.value } : {}),
    }
  })
}
