<script setup lang="ts">
import { failureWords } from '../../../words/failure'
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { computed, ref, shallowRef, watch } from 'vue'
import { formatCardSvg, layoutCard } from '../../../../core'
import { fileName, saveFile } from '../../../parts/files/saveFile'
import { figureAddress } from '../../../stores/ladder/figureAddress'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'
import { draftOf, dropDraft, keepDraft } from '../../../vault/drafts'
import { useCard } from './useCard'

/** The recipe card, to print or to keep. */
const store = useProject()
const ladder = useLadder()
const ready = computed(() => ladder.steps.every(({ parts }) => parts.length > 0))
const grey = ref(false)
const notes = ref('')
const trouble = ref('')
/** What is written on a card stays with it in this browser. */
const cardOf = computed(() => `of the card of ${store.project.id} ${store.figure.id}`)
watch(cardOf, (of) => (notes.value = String(draftOf(of) ?? '')), { immediate: true })
/** With a code that hands the figure on; what makes it is loaded when it is first wanted. */
const coded = ref(false)
const code = shallowRef<boolean[][]>()
watch([coded, () => coded.value && ladder.steps], async ([wanted]) => {
  if (!wanted) return (code.value = undefined)
  const { pictureCode } = await import('../../../parts/card/pictureCode')
  code.value = pictureCode(figureAddress())
})
const card = useCard(notes, grey, code)
const address = shallowRef('')
const copied = ref(false)
async function copy(): Promise<void> {
  address.value = figureAddress()
  copied.value = await navigator.clipboard.writeText(address.value).then(
    () => true,
    () => false,
  )
}
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
      <ElButton :disabled="!ready" @click="copy">Copy a link to this figure</ElButton>
      <ElCheckbox v-model="grey">in grey</ElCheckbox>
      <ElCheckbox v-model="coded" :disabled="!ready">with a code to scan</ElCheckbox>
      <label class="notes">
        Notes
        <ElInput
          v-model="notes"
          maxlength="300"
          @input="$event ? keepDraft(cardOf, $event) : dropDraft(cardOf)"
        />
      </label>
    </div>
    <div v-if="address" class="link">
      <p role="status">
        {{
          copied
            ? 'The link is copied.'
            : 'This browser does not copy by itself; the link stands here.'
        }}
        Whoever opens it gets this figure with its ladder, puddles and coats. All of it stands in
        the link: no server sees it.
      </p>
      <ElInput :model-value="address" readonly aria-label="Link to this figure" />
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
.link {
  max-width: 860px;
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
