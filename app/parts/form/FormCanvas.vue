<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import {
  displayColour,
  harmonics,
  isEverywhere,
  keyVector,
  liesAt,
  lightParts,
  reaching,
  spotOf,
  usualKey,
} from '../../../core'
import type { Lab, Place, Spot } from '../../../core'
import { useForm } from '../../stores/form'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import { formLook } from './formLook'
import { formScene } from './formScene'
import type { FormScene } from './formScene'

/** The form painted with this ladder; drag or arrow keys turn it. */
const props = withDefaults(
  defineProps<{
    blend?: number
    grey?: boolean
    turning?: boolean
    /** Picks ridges out with light. */
    ridges?: boolean
    /** Other colours than the ladder’s, dark to light, the middle one the base. */
    labs?: readonly Lab[]
    /** Colours by kind of spot, instead of the ladder’s by light. */
    painted?: (spot: Omit<Spot, 'zone'>) => Lab
    /** Only what lies here is painted; the rest is the grey of the ground. */
    place?: Place
  }>(),
  { blend: 0, labs: undefined, painted: undefined, place: undefined },
)
/** What kind of spot was pointed at. */
const emit = defineEmits<{ spot: [spot: Omit<Spot, 'zone'>] }>()
const store = useProject()
const ladder = useLadder()
const form = useForm()
const canvas = ref<HTMLCanvasElement>()
const frame = ref<HTMLElement>()
const size = useElementSize(frame)
const scene = shallowRef<FormScene>()
const without = ref(false)
let angle = 0

const look = computed(() => {
  const at = ladder.steps.findIndex(({ key }) => key === 'base')
  return formLook({
    labs: props.labs ?? ladder.steps.map(({ painted, target }) => painted ?? target),
    base: props.labs ? (props.labs.length - 1) / 2 : at,
    baseL: ladder.steps[at]!.target.L,
    key: store.plan.key,
    grey: props.grey,
    blend: props.blend,
    ridges: props.ridges ? 1 : 0,
  })
})

/** What kind of spot a point of the form is, as the ladder parts the light. */
const spotAt = computed(() => {
  const at = ladder.steps.findIndex(({ key }) => key === 'base')
  const parts = lightParts(ladder.steps[at]!.target.L, at, ladder.steps.length - 1 - at)
  const key = keyVector(store.plan.key ?? usualKey)
  const made = form.geometry
  const from = made && harmonics(...key, made.reach.terms)
  return (p: number) =>
    spotOf(
      {
        nx: made!.normals[3 * p]!,
        ny: made!.normals[3 * p + 1]!,
        nz: made!.normals[3 * p + 2]!,
        occlusion: made!.occlusion[p]!,
        curvature: made!.curvature[p]!,
        through: reaching(made!.reach, p, from!),
      },
      parts,
      key,
    )
})
/** Places of life are not marked on the form: a coat that is kept to them is shown without that. */
const mask = computed(() => {
  const { place } = props
  if (!place || !form.geometry || isEverywhere(place)) return undefined
  const bare = place.map(({ zones: _zones, but: _but, ...where }) => where)
  return Float32Array.from(form.geometry.occlusion, (_, p) =>
    liesAt(bare, spotAt.value(p)) ? 1 : 0,
  )
})
/** Every point in the colour of its kind of spot. */
const coated = computed(() => {
  const { painted, grey } = props
  if (!painted || !form.geometry) return undefined
  const many = form.geometry.occlusion.length
  const colours = new Float32Array(3 * many)
  const known = new Map<string, readonly [number, number, number]>()
  for (let p = 0; p < many; p++) {
    const spot = spotAt.value(p)
    const key = `${spot.relief}${spot.light}${spot.side}${spot.down}`
    let rgb = known.get(key)
    if (!rgb) {
      const { L, a, b } = painted(spot)
      known.set(key, (rgb = displayColour(grey ? { L, a: 0, b: 0 } : { L, a, b }).rgb))
    }
    colours.set(rgb, 3 * p)
  }
  return colours
})
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
  if (point !== undefined && form.geometry) emit('spot', spotAt.value(point))
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
    () => form.geometry,
    (made) => made && scene.value?.show(made),
    { immediate: true },
  )
  watch(coated, (colours) => scene.value?.coat(colours), { immediate: true })
  watch(mask, (placed) => scene.value?.mask(placed), { immediate: true })
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
      v-show="!without && form.geometry"
      ref="canvas"
      tabindex="0"
      role="img"
      :aria-label="`${form.name}, painted with this ladder; left and right arrows turn it`"
      @keydown="keys"
      @pointerdown="pressed = [$event.clientX, $event.clientY]"
      @pointerup="released"
    />
    <p v-if="form.trouble && !form.geometry" role="alert">{{ form.trouble }}</p>
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
</style>
