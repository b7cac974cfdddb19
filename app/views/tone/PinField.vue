<script setup lang="ts">
import { ref, watch } from 'vue'
import { vTip } from '../../parts/tip/tip'
import { clamp } from '../../../core'

/** A field of computed colours with a pin that is dragged, clicked or moved by arrow keys. */
export interface PinPlace {
  x: number
  y: number
}
const props = defineProps<{
  pixels?: Uint8ClampedArray
  width: number
  height: number
  /** Where the pin stands, 0–1 from the left and the top. */
  place: PinPlace
  colour: string
  label: string
  words: string
}>()
const emit = defineEmits<{ move: [place: PinPlace] }>()

const STEP = 0.01
const canvas = ref<HTMLCanvasElement>()
const frame = ref<HTMLElement>()

watch(
  [() => props.pixels, canvas],
  ([pixels, on]) => {
    if (!pixels || !on) return
    const image = new ImageData(new Uint8ClampedArray(pixels), props.width, props.height)
    on.getContext('2d')!.putImageData(image, 0, 0)
  },
  { flush: 'post' },
)

function point(event: PointerEvent): void {
  if (event.type === 'pointerdown') frame.value!.setPointerCapture(event.pointerId)
  else if (!frame.value!.hasPointerCapture(event.pointerId)) return
  const box = frame.value!.getBoundingClientRect()
  emit('move', {
    x: clamp((event.clientX - box.left) / box.width, [0, 1]),
    y: clamp((event.clientY - box.top) / box.height, [0, 1]),
  })
}

const keys: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(event: KeyboardEvent): void {
  const way = keys[event.key]
  if (!way) return
  event.preventDefault()
  const by = event.shiftKey ? 5 * STEP : STEP
  emit('move', {
    x: clamp(props.place.x + way[0] * by, [0, 1]),
    y: clamp(props.place.y + way[1] * by, [0, 1]),
  })
}
</script>

<template>
  <div ref="frame" class="field" @pointerdown="point" @pointermove="point">
    <canvas ref="canvas" :width="width" :height="height" aria-hidden="true" />
    <slot />
    <button
      v-tip="'Drag, or use the arrow keys; Shift goes further'"
      type="button"
      class="pin"
      :aria-label="`${label}: ${words}`"
      :style="{ left: `${place.x * 100}%`, top: `${place.y * 100}%`, background: colour }"
      @keydown="key"
    />
  </div>
</template>

<style scoped>
.field {
  position: relative;
  width: 100%;
  aspect-ratio: 2 / 1;
  touch-action: none;
  cursor: crosshair;
  background: var(--field-low);
  user-select: none;
}
canvas {
  position: absolute;
  width: 100%;
  height: 100%;
}
.pin {
  position: absolute;
  width: 28px;
  height: 28px;
  margin: -14px 0 0 -14px;
  padding: 0;
  border-radius: 50%;
  border: 4px solid #fff;
  box-shadow: 0 0 0 1.5px #000;
  cursor: grab;
}
</style>
