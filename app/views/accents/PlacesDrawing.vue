<script setup lang="ts">
import { computed, watch } from 'vue'
import type { FormKey, ZoneTone } from '../../../core'
import { formDrawing } from '../../stores/formDrawing'
import type { FormDrawing } from '../../stores/formDrawing'
import { useAnswer } from '../../workers/useAnswer'

/** The figure's own form with its places of life, each a shape that can be pressed; what it has not lies beside it. */
const props = defineProps<{
  form: FormKey
  skin: string
  /** Places the figure has, and the colour of those that are glazed. */
  zones: readonly ZoneTone[]
  glazed: ReadonlyMap<string, string>
  chosen: readonly string[]
  /** Eyes, teeth and claws that are painted: their colour by key. */
  details: ReadonlyMap<string, string>
}>()
const emit = defineEmits<{ press: [key: string] }>()

/** Hand and body show what a head has not. */
const BESIDE: readonly FormKey[] = ['hand', 'forearm', 'torso']
/** Small parts from what lies under to what lies over. */
const DETAILS = ['mouth', 'eye', 'iris', 'teeth', 'claws'] as const
const { answer, trouble, ask } = useAnswer(
  (form: FormKey) =>
    Promise.all(
      [form, ...BESIDE.filter((one) => one !== form)].map(async (key) => ({
        key,
        drawing: await formDrawing(key),
      })),
    ),
  { words: (why) => `The drawing could not be loaded: ${why}.` },
)
watch(() => props.form, ask, { immediate: true })

interface Shape {
  zone: ZoneTone
  d: string
}
/** Every place once, on the first drawing that has it; a drawing without any is left out. */
const drawn = computed(() => {
  const had = new Set<string>()
  return (answer.value ?? []).flatMap(({ key, drawing }, i) => {
    const shapes: Shape[] = []
    for (const zone of props.zones) {
      const d = drawing.places[zone.key]
      if (!d || had.has(zone.key)) continue
      had.add(zone.key)
      shapes.push({ zone, d })
    }
    return i === 0 || shapes.length > 0 ? [{ key, drawing, shapes, parts: partsOn(drawing) }] : []
  })
})
function partsOn({ places }: FormDrawing): { d: string; css: string }[] {
  return DETAILS.flatMap((key) => {
    const d = places[key]
    const css =
      props.details.get(key) ?? (key === 'eye' ? props.details.get('clouded-eye') : undefined)
    return d && css ? [{ d, css }] : []
  })
}
function press(event: KeyboardEvent, key: string): void {
  if (event.key !== 'Enter' && event.key !== ' ') return
  event.preventDefault()
  emit('press', key)
}
</script>

<template>
  <p v-if="trouble" role="alert">{{ trouble }}</p>
  <div role="group" aria-label="Places of life" class="drawings">
    <svg
      v-for="one in drawn"
      :key="one.key"
      viewBox="0 0 300 300"
      class="art"
      role="group"
      :class="{ beside: one.key !== form }"
      :aria-label="one.key === form ? 'On the figure' : `Beside it: ${one.key}`"
    >
      <path :d="one.drawing.outline" :fill="skin" />
      <path v-for="(d, i) in one.drawing.shades" :key="`shade ${i}`" :d="d" class="shade" />
      <!-- Thin places are met from beside them too. -->
      <path
        v-for="shape in one.shapes"
        :key="`near ${shape.zone.key}`"
        :d="shape.d"
        class="near"
        @click="emit('press', shape.zone.key)"
      />
      <path
        v-for="shape in one.shapes"
        :key="shape.zone.key"
        :d="shape.d"
        class="place"
        :class="{ on: chosen.includes(shape.zone.key) }"
        :fill="chosen.includes(shape.zone.key) ? glazed.get(shape.zone.key) : 'transparent'"
        role="checkbox"
        tabindex="0"
        :aria-checked="chosen.includes(shape.zone.key)"
        :aria-label="shape.zone.name"
        @click="emit('press', shape.zone.key)"
        @keydown="press($event, shape.zone.key)"
      >
        <title>{{ shape.zone.name }}</title>
      </path>
      <path v-for="part in one.parts" :key="part.d" :d="part.d" :fill="part.css" class="detail" />
      <path :d="one.drawing.outline" class="line" />
    </svg>
  </div>
</template>

<style scoped>
.drawings {
  display: flex;
  gap: 12px;
  min-height: 46vh;
}
.art {
  flex: 2 1 0;
  min-width: 0;
  max-height: 46vh;
}
.beside {
  flex: 1 1 0;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linejoin: round;
  pointer-events: none;
}
.detail {
  pointer-events: none;
}
.near {
  fill: none;
  stroke: transparent;
  stroke-width: 26px;
  vector-effect: non-scaling-stroke;
  pointer-events: stroke;
  cursor: pointer;
}
.place {
  stroke: var(--ink-soft);
  stroke-width: 0.8;
  stroke-dasharray: 2 3;
  cursor: pointer;
}
.place.on {
  stroke-dasharray: none;
}
.place:focus-visible {
  outline: none;
  stroke: var(--focus);
  stroke-width: 3;
  stroke-dasharray: none;
}
.shade {
  fill: black;
  fill-opacity: 0.13;
  pointer-events: none;
}
</style>
