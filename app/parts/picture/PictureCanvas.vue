<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PicturePoint } from '../../workers/pictureWorker'
import { withDisc, withPolygon } from './mask'
import type { OpenPicture, PictureTool } from '../../stores/picture/openPicture'
import { clamp } from '../../../core'

/**
 * The picture with what was chosen on it. By mouse or pen, or by keyboard: arrows move the cross,
 * Enter does what a click does, Escape closes a lasso.
 */
const props = defineProps<{ picture: OpenPicture; tool: PictureTool; brush: number }>()
const store = computed(() => props.picture)
const canvas = ref<HTMLCanvasElement>()
const cover = ref<HTMLCanvasElement>()
const frame = ref<HTMLElement>()
const size = computed(() => ({
  width: store.value.picture?.width ?? 1,
  height: store.value.picture?.height ?? 1,
}))
const cross = ref<PicturePoint>({ x: 0, y: 0 })
const lasso = ref<PicturePoint[]>([])
const crossShown = ref(false)

watch(
  [() => store.value.picture, canvas],
  ([picture, on]) => {
    if (!picture || !on) return
    on.getContext('2d')!.putImageData(
      new ImageData(new Uint8ClampedArray(picture.pixels), picture.width, picture.height),
      0,
      0,
    )
    cross.value = { x: picture.width >> 1, y: picture.height >> 1 }
    lasso.value = []
  },
  { flush: 'post', immediate: true },
)
/** What was not chosen is dimmed to grey. */
watch(
  [() => store.value.mask, cover],
  ([mask, on]) => {
    if (!on) return
    const { width, height } = size.value
    const image = new ImageData(width, height)
    if (mask) for (let i = 0; i < mask.length; i++) if (!mask[i]) image.data[4 * i + 3] = 130
    on.getContext('2d')!.putImageData(image, 0, 0)
  },
  { flush: 'post', immediate: true },
)
watch(
  () => props.tool,
  () => (lasso.value = []),
)

const at = (event: PointerEvent): PicturePoint => {
  const box = frame.value!.getBoundingClientRect()
  const { width, height } = size.value
  return {
    x: clamp(Math.round(((event.clientX - box.left) / box.width) * width), [0, width - 1]),
    y: clamp(Math.round(((event.clientY - box.top) / box.height) * height), [0, height - 1]),
  }
}

function dab(at: PicturePoint): void {
  const r = Math.round((props.brush / 100) * Math.max(size.value.width, size.value.height))
  store.value.choose(withDisc(store.value.mask, size.value, at, r))
}
function closeLasso(): void {
  const points = lasso.value
  lasso.value = []
  if (points.length >= 3) store.value.choose(withPolygon(store.value.mask, size.value, points))
}
function act(point: PicturePoint, dragging = false): void {
  if (props.tool === 'brush') dab(point)
  else if (props.tool === 'lasso') lasso.value = [...lasso.value, point]
  else if (props.tool === 'point') store.value.pick(point)
  else if (!dragging) store.value.showNeutral(point)
}

function down(event: PointerEvent): void {
  frame.value!.setPointerCapture(event.pointerId)
  crossShown.value = false
  act(at(event))
}
function drag(event: PointerEvent): void {
  if (frame.value!.hasPointerCapture(event.pointerId)) act(at(event), true)
}
function up(): void {
  if (props.tool === 'lasso' && !crossShown.value) closeLasso()
}
const ways: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function key(event: KeyboardEvent): void {
  const way = ways[event.key]
  const { width, height } = size.value
  if (way) {
    const by = Math.ceil((event.shiftKey ? 0.08 : 0.02) * Math.max(width, height))
    cross.value = {
      x: Math.max(0, Math.min(width - 1, cross.value.x + way[0] * by)),
      y: Math.max(0, Math.min(height - 1, cross.value.y + way[1] * by)),
    }
    crossShown.value = true
  } else if (event.key === 'Enter' || event.key === ' ') {
    crossShown.value = true
    act(cross.value)
  } else if (event.key === 'Escape') closeLasso()
  else return
  event.preventDefault()
}
const percent = ({ x, y }: PicturePoint) => ({
  left: `${(100 * x) / size.value.width}%`,
  top: `${(100 * y) / size.value.height}%`,
})
</script>

<template>
  <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -->
  <div
    ref="frame"
    class="frame"
    role="application"
    tabindex="0"
    :aria-label="`${picture.name}. Arrow keys move the cross, Enter uses the tool, Escape closes a lasso.`"
    :style="{
      aspectRatio: `${size.width} / ${size.height}`,
      maxWidth: `${(370 * size.width) / size.height}px`,
    }"
    @pointerdown="down"
    @pointermove="drag"
    @pointerup="up"
    @keydown="key"
  >
    <canvas ref="canvas" :width="size.width" :height="size.height" />
    <canvas ref="cover" :width="size.width" :height="size.height" />
    <svg v-if="lasso.length" :viewBox="`0 0 ${size.width} ${size.height}`" aria-hidden="true">
      <polyline :points="lasso.map(({ x, y }) => `${x},${y}`).join(' ')" />
    </svg>
    <i v-if="picture.neutral" class="mark neutral" :style="percent(picture.neutral)" />
    <i v-if="picture.point" class="mark" :style="percent(picture.point.at)" />
    <i v-if="crossShown" class="cross" :style="percent(cross)" />
  </div>
</template>

<style scoped>
.frame {
  position: relative;
  width: 100%;
  touch-action: none;
  cursor: crosshair;
  user-select: none;
}
canvas,
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
polyline {
  fill: none;
  stroke: #fff;
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
  paint-order: stroke;
}
.mark,
.cross {
  position: absolute;
  width: 20px;
  height: 20px;
  margin: -10px 0 0 -10px;
  border: 2px solid #fff;
  box-shadow:
    0 0 0 1.5px #000,
    inset 0 0 0 1.5px #000;
  border-radius: 50%;
  pointer-events: none;
}
.neutral {
  border-radius: 0;
}
.cross {
  border-radius: 0;
  transform: rotate(45deg);
}
</style>
