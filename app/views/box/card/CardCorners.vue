<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Picture } from '../../../../core'

/** The photograph of the card with its four corners, dragged or moved by arrow keys. */
export interface Corner {
  x: number
  y: number
}
const props = defineProps<{ picture: Picture }>()
const corners = defineModel<Corner[]>({ required: true })
const names = ['Upper left', 'Upper right', 'Lower right', 'Lower left']
const canvas = ref<HTMLCanvasElement>()
const frame = ref<HTMLElement>()

watch(
  [() => props.picture, canvas],
  ([{ pixels, width, height }, on]) => {
    on?.getContext('2d')!.putImageData(
      new ImageData(new Uint8ClampedArray(pixels), width, height),
      0,
      0,
    )
  },
  { immediate: true, flush: 'post' },
)
function set(i: number, x: number, y: number): void {
  const { width, height } = props.picture
  corners.value = corners.value.map((corner, k) =>
    k === i
      ? { x: Math.max(0, Math.min(width - 1, x)), y: Math.max(0, Math.min(height - 1, y)) }
      : corner,
  )
}
function drag(i: number, event: PointerEvent): void {
  const button = event.currentTarget as HTMLElement
  if (event.type === 'pointerdown') button.setPointerCapture(event.pointerId)
  if (!button.hasPointerCapture(event.pointerId)) return
  const box = frame.value!.getBoundingClientRect()
  set(
    i,
    ((event.clientX - box.left) / box.width) * props.picture.width,
    ((event.clientY - box.top) / box.height) * props.picture.height,
  )
}
const ways: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(i: number, event: KeyboardEvent): void {
  const way = ways[event.key]
  if (!way) return
  event.preventDefault()
  const by = event.shiftKey ? 20 : 2
  const { x, y } = corners.value[i]!
  set(i, x + way[0] * by, y + way[1] * by)
}
</script>

<template>
  <div ref="frame" class="frame" :style="{ aspectRatio: `${picture.width} / ${picture.height}` }">
    <canvas ref="canvas" :width="picture.width" :height="picture.height" />
    <svg :viewBox="`0 0 ${picture.width} ${picture.height}`" aria-hidden="true">
      <polygon :points="corners.map(({ x, y }) => `${x},${y}`).join(' ')" />
    </svg>
    <button
      v-for="(corner, i) in corners"
      :key="i"
      type="button"
      class="corner"
      :aria-label="`${names[i]} corner at ${Math.round(corner.x)}, ${Math.round(corner.y)}`"
      :style="{
        left: `${(100 * corner.x) / picture.width}%`,
        top: `${(100 * corner.y) / picture.height}%`,
      }"
      @pointerdown="drag(i, $event)"
      @pointermove="drag(i, $event)"
      @keydown="key(i, $event)"
    />
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  width: 100%;
  max-width: 720px;
}
canvas,
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
polygon {
  fill: none;
  stroke: #fff;
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
.corner {
  position: absolute;
  width: 26px;
  height: 26px;
  margin: -13px 0 0 -13px;
  padding: 0;
  border: 3px solid #fff;
  box-shadow: 0 0 0 1.5px #000;
  border-radius: 50%;
  background: rgb(0 0 0 / 25%);
  touch-action: none;
  cursor: grab;
}
</style>
