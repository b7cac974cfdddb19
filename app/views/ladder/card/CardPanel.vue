<script setup lang="ts">
import { failureWords } from '../../../words/failure'
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  coatKinds,
  distances,
  EVERYWHERE,
  formatCardSvg,
  isBottle,
  layoutCard,
  stepPuddle,
  USUAL_FINISH,
  usual,
} from '../../../../core'
import type { Ingredient, LadderCard, PuddlePart, StepKey } from '../../../../core'
import { madeInWords, partWords } from '../../../words/amounts'
import { placeWords } from '../../../words/places'
import { fileName, saveFile } from '../../../parts/files/saveFile'
import { useAccents } from '../../../stores/accents/accents'
import { useCoats } from '../../../stores/coats/coats'
import { sizeWords } from '../../../words/sizes'
import { usePalette } from '../../../stores/palette/palette'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'
import { draftOf, dropDraft, keepDraft } from '../../../vault/drafts'
import { usePath } from '../path/usePath'

/** The recipe card: true swatches, drops, thinning, path and notes, to print or to keep. */
const store = useProject()
const ladder = useLadder()
const coats = useCoats()
const accents = useAccents()
const palette = usePalette()
const { inWords, nameOf: calledOf } = usePath()
const notIn = computed(() => new Set(coats.missing.map(({ id }) => id)))
const nameOf = (of: Ingredient): string =>
  isBottle(of) && notIn.value.has(of.bottle) ? `${calledOf(of)} (not in)` : calledOf(of)
const ready = computed(() => ladder.steps.every(({ parts }) => parts.length > 0))
const grey = ref(false)
const notes = ref('')
const trouble = ref('')
/** What is written on a card stays with it in this browser. */
const cardOf = computed(() => `of the card of ${store.project.id} ${store.figure.id}`)
watch(cardOf, (of) => (notes.value = String(draftOf(of) ?? '')), { immediate: true })

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
const card = computed<LadderCard>(() => {
  const { plan, figure } = store
  return {
    title: figure.name,
    lines: [
      ...(figure.note ? [figure.note] : []),
      `${sizeWords(figure.size)}${figure.many > 1 ? `, ${figure.many} of it` : ''}, judged ${distances[plan.seenFrom ?? usual.seenFrom].name}`,
      `${ladder.steps.length} steps`,
    ],
    steps: ladder.steps.map(({ key, name, share, target, painted, made, off }) => ({
      name,
      share,
      lab: painted ?? target,
      off: off ?? 0,
      mix: given(key, made),
    })),
    thinning: 'Drops of paint, before thinning; how thin a mix is laid stands with its coat.',
    path: inWords.value,
    coats: coatLines.value,
    accents: accentLines.value,
    notes: notes.value,
    grey: grey.value,
  }
})
const picture = computed(
  () => `data:image/svg+xml;charset=utf-8,${encodeURIComponent(formatCardSvg(card.value))}`,
)
const saving = shallowRef('')
/** What draws pages is large, and loaded when it is first wanted. */
const drawing = () => import('../../../parts/card/drawPages')
async function save(kind: 'pdf' | 'png' | 'svg'): Promise<void> {
  trouble.value = ''
  saving.value = kind
  try {
    const name = fileName(`${store.project.name} ${store.figure.name} card`, kind)
    const pages = { title: card.value.title, items: layoutCard(card.value) }
    if (kind === 'svg') saveFile(name, formatCardSvg(card.value), 'image/svg+xml')
    else if (kind === 'png') saveFile(name, await (await drawing()).pagesPng(pages), 'image/png')
    else {
      const { bytes, note } = await (await drawing()).pagesPdf(pages)
      saveFile(name, bytes, 'application/pdf')
      trouble.value = note
    }
  } catch (error) {
    trouble.value = `The card could not be made: ${failureWords(error)}. The ladder is as it was.`
  }
  saving.value = ''
}
</script>

<template>
  <section aria-label="Card" class="panel">
    <div class="tools">
      <ElButton type="primary" :disabled="!ready" @click="save('pdf')">Save as PDF</ElButton>
      <ElButton @click="save('png')">Save as picture (PNG)</ElButton>
      <ElButton @click="save('svg')">Save as drawing (SVG)</ElButton>
      <ElCheckbox v-model="grey">in grey</ElCheckbox>
      <label class="notes">
        Notes
        <ElInput
          v-model="notes"
          maxlength="300"
          @input="$event ? keepDraft(cardOf, $event) : dropDraft(cardOf)"
        />
      </label>
    </div>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <img :src="picture" :alt="`Recipe card of ${card.title}`" />
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  font-size: 0.9375rem;
}
.notes {
  flex: 1 1 200px;
  display: flex;
  gap: 8px;
  align-items: center;
}
img {
  width: 100%;
  max-width: 860px;
}
p {
  margin: 0;
}
</style>
