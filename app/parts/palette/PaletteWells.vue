<script setup lang="ts">
import { ElButton } from 'element-plus'
import { Plus } from '@element-plus/icons-vue'
import { computed, nextTick, ref } from 'vue'
import { ingredientKey, isBottle, sameIngredient } from '../../../core'
import { useAsked } from '../../stores/palette/asked'
import { usePalette } from '../../stores/palette/palette'
import type { PaletteWell } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { madeInWords } from '../../words/amounts'
import { screenColour } from '../screenColour'
import { carriedMix, carriesMix, carry } from './carried'
import MixChooser from './MixChooser.vue'
import PuddleEditor from './PuddleEditor.vue'
import { isMine, pourInto, pouringStart } from './pouring'

/**
 * All mixes of this figure as wells. One is taken up by a press or a drag and put down where it is to be painted, or
 * on another well to pour both together.
 */
const store = usePalette()
const project = useProject()
const asked = useAsked()
const list = ref<HTMLElement>()
/** One stop for Tab; arrows go from well to well. */
const at = ref(0)
const over = ref('')
const wells = computed(() => store.wells)
const held = (well: PaletteWell): boolean =>
  store.inHand !== undefined && sameIngredient(store.inHand, well.of)
/** Once coats are laid: nothing is painted with it, nor poured from it. */
const unused = (well: PaletteWell): boolean =>
  project.figure.stack !== undefined && store.palette.plannedOf(well.of) === undefined
const words = (well: PaletteWell): string =>
  `${well.name}: ${well.trouble || madeInWords(well.made, (of) => store.palette.nameOf(of))}${unused(well) ? '; no coat is laid of it' : ''}`

function press(well: PaletteWell): void {
  const { inHand } = store
  if (inHand && !sameIngredient(inHand, well.of)) {
    store.inHand = undefined
    asked.puddle = pourInto(well.of, inHand)
  } else store.inHand = inHand ? undefined : well.of
}
function open(well: PaletteWell): void {
  if (!isBottle(well.of) && isMine(well)) asked.puddle = pouringStart(well, well.of.puddle)
}
function keys(event: KeyboardEvent, i: number): void {
  const by = { ArrowLeft: -1, ArrowRight: 1, Home: -wells.value.length, End: wells.value.length }[
    event.key
  ]
  if (event.key === 'Escape' && store.inHand) {
    store.inHand = undefined
    event.stopPropagation()
  } else if (event.key === 'e' || event.key === 'F2') open(wells.value[i]!)
  else if (by !== undefined) {
    at.value = Math.max(0, Math.min(wells.value.length - 1, i + by))
    void nextTick(() => list.value?.querySelectorAll<HTMLElement>('[draggable]')[at.value]?.focus())
  } else return
  event.preventDefault()
}
function enter(event: DragEvent, well: PaletteWell): void {
  if (!carriesMix(event)) return
  event.preventDefault()
  over.value = ingredientKey(well.of)
}
function dropped(event: DragEvent, well: PaletteWell): void {
  over.value = ''
  const of = carriedMix(event)
  if (of && !sameIngredient(of, well.of)) asked.puddle = pourInto(well.of, of)
}
</script>

<template>
  <section class="palette" aria-label="Palette">
    <ul ref="list" class="wells">
      <li v-for="(well, i) in wells" :key="ingredientKey(well.of)">
        <button
          type="button"
          class="well"
          :class="[well.kind, { held: held(well), over: over === ingredientKey(well.of) }]"
          :aria-pressed="held(well)"
          :aria-label="words(well)"
          :tabindex="i === Math.min(at, wells.length - 1) ? 0 : -1"
          draggable="true"
          @click="press(well)"
          @dblclick="open(well)"
          @focus="at = i"
          @keydown="keys($event, i)"
          @dragstart="carry($event, well.of)"
          @dragenter="enter($event, well)"
          @dragover="enter($event, well)"
          @dragleave="over = ''"
          @drop.prevent="dropped($event, well)"
        >
          <span
            class="paint"
            :class="{ none: !well.lab }"
            :style="{ background: well.lab ? screenColour(well.lab).css : 'transparent' }"
          />
          <span class="name" :class="{ unused: unused(well) }">{{ well.name }}</span>
        </button>
      </li>
      <li>
        <button type="button" class="well" @click="asked.puddle = { name: '', parts: [] }">
          <span class="paint none"><Plus /></span>
          <span class="name">Mix another</span>
        </button>
      </li>
    </ul>
    <p v-if="store.inHand" class="told" role="status">
      <b>{{ store.palette.nameOf(store.inHand) }}</b> is in hand. Put it on a coat or a place, or on
      another well to pour them together.
      <ElButton
        v-for="well in wells.filter(held)"
        :key="well.name"
        size="small"
        @click="open(well)"
      >
        {{ isMine(well) ? 'What is in it' : '' }}
      </ElButton>
      <ElButton size="small" @click="store.inHand = undefined">Put it back</ElButton>
    </p>
    <MixChooser />
    <PuddleEditor />
  </section>
</template>

<style scoped>
/* Its name says so to those who hear it. */
.unused::after {
  content: ', unused';
}
.palette {
  position: sticky;
  top: 0;
  z-index: 5;
  background: var(--field);
  border-bottom: 1px solid var(--line);
  padding: 4px 0;
}
.wells {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px;
}
.well {
  display: grid;
  justify-items: center;
  gap: 2px;
  width: 78px;
  min-height: 68px;
  padding: 4px 2px;
  border: 1px solid transparent;
  border-radius: 3px;
  background: transparent;
  cursor: grab;
}
.well:hover {
  background: var(--field-high);
}
.paint {
  width: 40px;
  height: 40px;
  border-radius: 50%;
  box-shadow:
    inset 0 0 0 1px rgb(0 0 0 / 25%),
    0 0 0 4px var(--field-low);
}
.own .paint,
.shared .paint {
  border-radius: 46% 54% 50% 50% / 52% 46% 54% 48%;
}
.paint.none {
  border: 1px dashed var(--ink-soft);
  box-shadow: none;
}
.held {
  background: var(--field-high);
  border-color: var(--ink);
}
.over {
  outline: 3px solid var(--focus);
}
.name {
  font-size: 0.875rem;
  line-height: 1.05;
  text-align: center;
  overflow-wrap: anywhere;
}
.found .name {
  font-style: italic;
}
.none svg {
  width: 20px;
  margin: 9px;
}
.told {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
@media (max-width: 640px) {
  .wells {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
}
</style>
