<script setup lang="ts">
import { ElButton, ElDialog, ElInput, ElSwitch } from 'element-plus'
import { computed, effectScope, reactive, ref, watch } from 'vue'
import type { EffectScope } from 'vue'
import { longest, stepOf } from '../../../core'
import type { PuddlePart } from '../../../core'
import { useAccents } from '../../stores/accents/accents'
import { useAsked } from '../../stores/palette/asked'
import type { PuddleEdited } from '../../stores/palette/asked'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { useWords } from '../../words/uses'
import { screenColour } from '../screenColour'
import { useDraft } from '../useDraft'
import FindMix from './FindMix.vue'
import PuddleParts from './PuddleParts.vue'

/** One puddle: what is in it, what it is called, how it looks, and where it is used. */
const store = usePalette()
const asked = useAsked()
const project = useProject()
const accents = useAccents()
const form = reactive({ name: '', parts: [] as readonly PuddlePart[], forAll: false })
const trouble = ref('')
const edited = computed(() => asked.puddle)
const step = computed(() =>
  edited.value?.id === undefined ? undefined : stepOf(project.figure.id, edited.value.id),
)
const open = computed({
  get: () => edited.value !== undefined,
  set: (isOpen) => {
    if (!isOpen) asked.puddle = undefined
  },
})
/** What is filled in of the mix that is open: closed it is let go, after a crash it is there again. */
let drafting: EffectScope | undefined
let letGo = (): void => undefined
watch(edited, (puddle) => {
  if (!puddle) letGo()
  drafting?.stop()
  if (!puddle) return
  const stored = puddle.id === undefined ? undefined : project.puddleOf(puddle.id)
  const forAll = stored !== undefined && stored.figure === undefined
  Object.assign(form, { name: puddle.name, parts: puddle.parts, forAll })
  trouble.value = ''
  drafting = effectScope()
  const of = `a mix of ${project.project.id} ${puddle.id ?? ''}`
  letGo = drafting.run(() => useDraft(of, form))!
})
const look = computed(() => store.palette.look(form.parts))
const title = computed(() => {
  const id = edited.value?.id
  if (id === undefined) return 'A new mix'
  return `The mix ${store.palette.nameOf({ puddle: id })}`
})
const uses = computed(() => {
  const id = edited.value?.id
  if (id === undefined) return []
  return store.usesOf(id).map((use) =>
    useWords(use, {
      figure: (one) => project.project.figures.find((figure) => figure.id === one)?.name ?? one,
      place: (place) => accents.zones.find(({ key }) => key === place)?.name ?? place,
    }),
  )
})
const refused = (): string =>
  project.refused.map(({ message }) => message).join('; ') || 'it could not be kept'
/** A step of the ladder, a puddle that is there, or a new one; whether it was taken. */
function stored(puddle: PuddleEdited): boolean {
  const made = { name: form.name.trim(), parts: form.parts }
  if (step.value) return project.keep(step.value, made.parts)
  if (puddle.id !== undefined)
    return project.changePuddle(puddle.id, { ...made, forAll: form.forAll })
  const id = project.makePuddle(made, form.forAll)
  if (id !== undefined) puddle.put?.({ puddle: id })
  return id !== undefined
}
function keep(): void {
  if (!edited.value) return
  if (stored(edited.value)) open.value = false
  else trouble.value = `It is not kept: ${refused()}.`
}
function drop(): void {
  const id = edited.value?.id
  if (id === undefined) return
  if (uses.value.length > 0)
    trouble.value = `It is used: ${uses.value.join(', ')}. Put another mix there first.`
  else if (project.dropPuddle(id)) open.value = false
  else trouble.value = `It stays: ${refused()}.`
}
</script>

<template>
  <ElDialog v-model="open" :title="title" width="720" append-to-body class="puddle-editor">
    <div class="body">
      <div
        class="well"
        :style="{ background: look.lab ? screenColour(look.lab).css : 'transparent' }"
        role="img"
        :aria-label="look.lab ? 'How it looks, opaque' : 'Nothing is in it yet'"
      />
      <div class="fields">
        <ElInput
          v-if="!step"
          v-model="form.name"
          :maxlength="longest.shortName"
          aria-label="What it is called"
          placeholder="what you call it"
        />
        <PuddleParts :id="edited?.id" v-model="form.parts" />
        <FindMix @found="form.parts = $event" />
        <label v-if="!step" class="all">
          <ElSwitch v-model="form.forAll" aria-label="For every figure of the commission" />
          for every figure of the commission
        </label>
        <p v-if="uses.length" class="soft">Used for {{ uses.join(', ') }}: it changes there too.</p>
        <p v-if="look.trouble && form.parts.length" role="alert">{{ look.trouble }}</p>
        <p v-if="trouble" role="alert">{{ trouble }}</p>
      </div>
    </div>
    <template #footer>
      <ElButton v-if="edited?.id !== undefined && !step" class="away" @click="drop">
        Take it off the palette
      </ElButton>
      <ElButton
        v-if="step && project.puddleOf(edited!.id!)"
        class="away"
        @click="(project.keep(step, undefined), (open = false))"
      >
        Have it found again
      </ElButton>
      <ElButton @click="open = false">Cancel</ElButton>
      <ElButton type="primary" :disabled="!look.lab" @click="keep">Keep it</ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
.body {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr);
  gap: 18px;
}
.well {
  min-height: 160px;
  border-radius: 50% 50% 48% 52% / 46% 50% 50% 54%;
  align-self: start;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 25%);
}
.fields {
  display: grid;
  gap: 12px;
  align-content: start;
}
.all {
  display: flex;
  align-items: center;
  gap: 8px;
}
.away {
  float: left;
}
p {
  margin: 0;
}
@media (max-width: 640px) {
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
  .well {
    min-height: 70px;
  }
}
</style>
