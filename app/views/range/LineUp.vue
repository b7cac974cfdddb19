<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { formLook } from '../../parts/form/formLook'
import { formScene } from '../../parts/form/formScene'
import type { FormScene } from '../../parts/form/formScene'
import { useForm } from '../../stores/form'
import type { RangeRow } from '../../stores/range/rows'

/** The figures side by side as painted forms, to scale, in colour or in grey. */
const props = defineProps<{ rows: readonly RangeRow[]; grey: boolean }>()
const WIDTH = 220
const HEIGHT = 260
/** Height on the screen of a 54 mm figure, px; no figure is smaller or larger than these. */
const USUAL_PX = 150
const PX = [90, 300] as const
const form = useForm()
const pictures = shallowRef<ReadonlyMap<string, { of: RangeRow; grey: boolean; src: string }>>(
  new Map(),
)
const without = ref(false)
let scene: FormScene | undefined
let running = 0

/** One form a frame, so that nothing waits; what is drawn already stays. */
function drawNext(): void {
  cancelAnimationFrame(running)
  running = requestAnimationFrame(() => {
    const { rows, grey } = props
    const next = rows.find((row) => {
      const had = pictures.value.get(row.figure.id)
      return had?.of !== row || had.grey !== grey
    })
    if (!scene || !form.geometry || !next) return
    const { figure, steps, base, coated } = next
    scene.paint(
      formLook({
        labs: coated ?? steps.map(({ painted }) => painted),
        base,
        baseL: steps[base]!.target.L,
        key: figure.plan.key,
        grey,
        edges: 'glazed',
      }),
    )
    const made = { of: next, grey, src: scene.picture() }
    pictures.value = new Map(pictures.value).set(figure.id, made)
    drawNext()
  })
}
onMounted(() => {
  const canvas = document.createElement('canvas')
  try {
    scene = formScene(canvas)
    form.detail = scene.software ? 'coarse' : 'fine'
    scene.resize(WIDTH, HEIGHT)
  } catch {
    without.value = true
    return
  }
  watch(
    () => form.geometry,
    (made) => {
      if (!made) return
      scene?.show(made)
      pictures.value = new Map()
      drawNext()
    },
    { immediate: true },
  )
})
watch(() => [props.rows, props.grey], drawNext)
onBeforeUnmount(() => {
  cancelAnimationFrame(running)
  scene?.dispose()
})
const heightOf = ({ figure }: RangeRow): string =>
  `${Math.min(PX[1], Math.max(PX[0], (USUAL_PX * figure.size.heightMm) / 54))}px`
</script>

<template>
  <section aria-label="Line-up">
    <p v-if="without" class="soft">This browser draws no forms (WebGL); the rows show the same.</p>
    <ol v-else class="line">
      <li v-for="row in rows" :key="row.figure.id">
        <img
          v-if="pictures.get(row.figure.id)"
          :src="pictures.get(row.figure.id)!.src"
          :alt="`${row.figure.name} as a painted form${row.coated ? ', in its coats' : ''}${grey ? ', in grey' : ''}`"
          :style="{ height: heightOf(row) }"
        />
        <span v-else class="soft" :style="{ height: heightOf(row) }">drawing…</span>
        <RouterLink :to="{ name: 'Ladder', query: { figure: row.figure.id } }">{{
          row.figure.name.split(',')[0]
        }}</RouterLink>
        <small v-if="row.coated" class="soft">in its coats</small>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.line {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 12px 0;
}
li {
  display: grid;
  justify-items: center;
  min-width: 120px;
  flex: 1 1 120px;
}
img,
span {
  display: block;
  aspect-ratio: 220 / 260;
  object-fit: cover;
}
a {
  color: inherit;
  text-underline-offset: 3px;
}
</style>
