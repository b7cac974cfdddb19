<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { displayColour } from '../../../core'
import type { Lab, Place, Spot } from '../../../core'
import { useForm } from '../../stores/form'
import { useLadder } from '../../stores/ladder/ladder'
import { formLook } from './formLook'
import type { BrushEdge } from './formPaint'
import { useFormPoints } from './formPoints'
import type { Living } from '../../stores/accents/soFar'
import { useOpenSubject } from './formSubject'
import type { FormSubject } from './formSubject'
import { formScene } from './formScene'
import type { FormScene } from './formScene'

/** The form painted with this ladder; drag or arrow keys turn it. */
const props = withDefaults(
  defineProps<{
    edges?: BrushEdge
    grey?: boolean
    turning?: boolean
    /** Picks ridges out with light. */
    ridges?: boolean
    /** Other colours than the ladder’s, dark to light, the middle one the base. */
    labs?: readonly Lab[]
    /** Colours by kind of spot, instead of the ladder’s by light. */
    painted?: (spot: Spot) => Lab
    /** Places of life that it tells apart. */
    zones?: readonly string[]
    /** Only what lies here is painted; the rest is the grey of the ground. */
    place?: Place
    /** What is laid on that place now: it is lit in this colour, turned to the eye, and the rest is dimmed. */
    lit?: Lab
    /** Another figure's form than the open one's. */
    of?: FormSubject
    /** Glazes and small parts on their places. */
    life?: readonly Living[]
    /** Colours of a second light from the other side. */
    second?: readonly Lab[]
  }>(),
  {
    edges: 'painted',
    labs: undefined,
    painted: undefined,
    zones: undefined,
    place: undefined,
    lit: undefined,
    of: undefined,
    life: undefined,
    second: undefined,
  },
)
/** What kind of spot was pointed at. */
const emit = defineEmits<{ spot: [spot: Omit<Spot, 'zone'>] }>()
const ladder = useLadder()
const form = useForm()
const open = useOpenSubject()
const subject = computed(() => props.of ?? open.value)
const canvas = ref<HTMLCanvasElement>()
const frame = ref<HTMLElement>()
const size = useElementSize(frame)
const scene = shallowRef<FormScene>()
const without = ref(false)
let angle = 0

const look = computed(() => {
  const { steps, light } = subject.value
  const at = steps.findIndex(({ key }) => key === 'base')
  const own = props.of
    ? steps.map(({ target }) => target)
    : ladder.steps.map(({ painted, target }) => painted ?? target)
  return formLook({
    labs: props.labs ?? own,
    base: props.labs ? (props.labs.length - 1) / 2 : at,
    baseL: steps[at]!.target.L,
    key: light,
    grey: props.grey,
    edges: props.edges,
    second: props.second,
    ridges: props.ridges ? 1 : 0,
  })
})

const { spotAt, mask, coated, life } = useFormPoints({
  place: () => props.place,
  painted: () => props.painted,
  zones: () => props.zones ?? [],
  life: () => props.life,
  grey: () => props.grey,
  of: () => subject.value,
})
const lit = computed(() => props.lit && displayColour(props.lit).rgb)
let pressed: [number, number] | undefined
/** A press that did not turn the form points at it. */
function released(event: PointerEvent): void {
  const began = pressed
  pressed = undefined
  if (!began || Math.hypot(event.clientX - began[0], event.clientY - began[1]) > 4) return
  const { left, top, width, height } = canvas.value!.getBoundingClientRect()
  const point = scene.value?.pointAt(
    (2 * (event.clientX - left)) / width - 1,
    1 - (2 * (event.clientY - top)) / height,
  )
  if (point !== undefined && subject.value.geometry) emit('spot', spotAt.value(point))
}

onMounted(() => {
  try {
    scene.value = formScene(canvas.value!)
    form.detail = scene.value.software ? 'coarse' : 'fine'
  } catch {
    without.value = true
    return
  }
  watch(
    () => subject.value.geometry,
    (made) => made && scene.value?.show(made),
    { immediate: true },
  )
  watch(coated, (colours) => scene.value?.coat(colours), { immediate: true })
  watch(mask, (placed) => scene.value?.mask(placed), { immediate: true })
  watch(life, (now) => scene.value?.live(now), { immediate: true })
  watch(lit, (rgb) => scene.value?.lit(rgb), { immediate: true })
  watch(
    [() => subject.value.geometry, mask, lit],
    () => {
      if (lit.value && subject.value.geometry) scene.value?.face(mask.value)
    },
    { immediate: true },
  )
  watch(look, (now) => scene.value?.paint(now), { immediate: true })
  watch(
    [size.width, size.height],
    ([width, height]) => {
      if (width > 0 && height > 0) scene.value?.resize(width, height)
    },
    { immediate: true },
  )
})
let running = 0
watch(
  () => props.turning,
  (turning) => {
    cancelAnimationFrame(running)
    if (!turning) return
    const turn = (): void => {
      scene.value?.turnTo((angle += 0.02))
      canvas.value!.dataset.frames = String(scene.value?.frames() ?? 0)
      running = requestAnimationFrame(turn)
    }
    running = requestAnimationFrame(turn)
  },
)
/** One turn, to be kept; nothing where there is no form or it was stopped. */
const clip = async (onward: (done: number) => boolean) => {
  const { turnClip } = await import('./clip')
  return scene.value && canvas.value ? turnClip(canvas.value, scene.value, onward) : undefined
}
defineExpose({ clip })
onBeforeUnmount(() => {
  cancelAnimationFrame(running)
  scene.value?.dispose()
})
function keys(event: KeyboardEvent): void {
  const by = { ArrowLeft: -0.15, ArrowRight: 0.15 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  scene.value?.turnTo((angle += by))
}
</script>

<template>
  <div ref="frame" class="frame">
    <canvas
      v-show="!without && subject.geometry"
      ref="canvas"
      tabindex="0"
      role="img"
      :aria-label="`${subject.name}, ${lit ? 'where this mix goes' : 'painted with this ladder'}; left and right arrows turn it`"
      @keydown="keys"
      @pointerdown="pressed = [$event.clientX, $event.clientY]"
      @pointerup="released"
    />
    <p v-if="subject.trouble && !subject.geometry" role="alert">{{ subject.trouble }}</p>
    <p v-if="without" class="soft">
      This browser has no WebGL, so the form cannot be shown. The strip has the same colours.
    </p>
  </div>
</template>

<style scoped>
.frame {
  width: 100%;
  height: 100%;
  overflow: hidden;
}
canvas {
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: grab;
}
/* Within the frame, which cuts what stands out of it. */
canvas:focus-visible {
  outline: 3px solid var(--focus);
  outline-offset: -3px;
}
</style>
