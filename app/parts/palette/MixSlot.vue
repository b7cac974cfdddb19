<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Ingredient, Lab } from '../../../core'
import { useAsked } from '../../stores/palette/asked'
import { usePalette } from '../../stores/palette/palette'
import { screenColour } from '../screenColour'
import { carriedMix, carriesMix } from './carried'
import { colourOf } from './colourOf'

/** What something is painted with, as a well: pressed to choose another mix, and a place where one is put down. */
const props = defineProps<{
  /** “Coat 2”. */
  what: string
  of: Ingredient | undefined
  /** What stands there where the painter has chosen nothing. */
  instead?: string
  /** How that looks. */
  lab?: Lab
}>()
const emit = defineEmits<{ put: [of: Ingredient] }>()
const store = usePalette()
const asked = useAsked()
const over = ref(false)
const name = computed(() =>
  props.of ? store.palette.nameOf(props.of) : (props.instead ?? 'nothing yet'),
)
const css = computed(() => {
  const lab = props.of ? colourOf(props.of, store.palette) : props.lab
  return lab ? screenColour(lab).css : 'transparent'
})
/** A mix that was found for one place is the painter's own once it is put somewhere else. */
function put(of: Ingredient): void {
  const own = store.settled(of)
  if (own) emit('put', own)
}
function press(): void {
  const { inHand } = store
  if (!inHand) asked.mix = { title: props.what, now: props.of, put }
  else {
    store.inHand = undefined
    put(inHand)
  }
}
function dropped(event: DragEvent): void {
  over.value = false
  const of = carriedMix(event)
  if (of) put(of)
}
const enter = (event: DragEvent): void => {
  if (!carriesMix(event)) return
  event.preventDefault()
  over.value = true
}
</script>

<template>
  <button
    type="button"
    class="slot"
    :class="{ over, waits: store.inHand }"
    :aria-label="
      store.inHand
        ? `Put ${store.palette.nameOf(store.inHand)} here: ${what}, now ${name}`
        : `Mix of ${what}: ${name}; choose another`
    "
    @click="press"
    @dragenter="enter"
    @dragover="enter"
    @dragleave="over = false"
    @drop.prevent="dropped"
  >
    <span class="well" :class="{ none: !of && !lab }" :style="{ background: css }" />
    <span class="name">{{ name }}</span>
  </button>
</template>

<style scoped>
.slot {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  min-height: 34px;
  padding: 2px 10px 2px 3px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--field-high);
  text-align: left;
}
.slot:hover {
  border-color: var(--ink);
}
.waits {
  border: 2px dashed var(--ink);
}
.over {
  outline: 3px solid var(--focus);
  outline-offset: 1px;
}
.well {
  flex: 0 0 28px;
  height: 28px;
  border-radius: 50%;
  box-shadow: inset 0 0 0 1px rgb(0 0 0 / 30%);
}
.well.none {
  border: 1px dashed var(--ink-soft);
  box-shadow: none;
}
.name {
  overflow-wrap: anywhere;
  line-height: 1.15;
}
</style>
