<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { formKeyOf } from '../../../core'
import { formLook } from '../../parts/form/formLook'
import { formScene } from '../../parts/form/formScene'
import type { FormScene } from '../../parts/form/formScene'
import { formOfFigure } from '../../stores/form'
import { failureWords } from '../../words/failure'
import type { RangeRow } from '../../stores/range/rowOf'
import type { ShownForm } from '../../vault/shownForm'

/** The figures side by side as painted forms, to scale, in colour or in grey. */
const props = defineProps<{ rows: readonly RangeRow[]; grey: boolean }>()
/** Twice as large as they are shown, so that outlines are smooth. */
const WIDTH = 440
const HEIGHT = 520
/** Height on the screen of a 54 mm figure, px; no figure is smaller or larger than these. */
const USUAL_PX = 180
const PX = [110, 330] as const
const pictures = shallowRef<ReadonlyMap<string, { of: RangeRow; grey: boolean; src: string }>>(
  new Map(),
)
const without = ref(false)
let scene: FormScene | undefined
let running = 0

/** Forms of the figures, their own sculpts too, as they come. */
const forms = shallowRef<ReadonlyMap<string, ShownForm>>(new Map())
const trouble = ref('')
let shown: ShownForm | undefined
const standsOn = ({ figure }: RangeRow): string => figure.sculpt ?? formKeyOf(figure.plan)
async function fetchForm(row: RangeRow): Promise<void> {
  const { sculpt, plan } = row.figure
  try {
    const { form } = await formOfFigure({ sculpt, wanted: formKeyOf(plan) })
    forms.value = new Map(forms.value).set(standsOn(row), form)
    drawNext()
  } catch (error) {
    trouble.value = failureWords(error)
  }
}

/** One form a frame, so that nothing waits; what is drawn already stays. */
function drawNext(): void {
  cancelAnimationFrame(running)
  running = requestAnimationFrame(() => {
    const { rows, grey } = props
    const next = rows.find((row) => {
      const had = pictures.value.get(row.figure.id)
      return had?.of !== row || had.grey !== grey
    })
    if (!scene || !next) return
    const { figure, steps, base, coated } = next
    const geometry = forms.value.get(standsOn(next))
    if (!geometry) return void fetchForm(next)
    if (shown !== geometry) scene.show((shown = geometry))
    scene.paint(
      formLook({
        labs: coated ?? steps.map(({ painted }) => painted),
        base,
        baseL: steps[base]!.target.L,
        key: figure.plan.key,
        grey,
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
    scene.resize(WIDTH, HEIGHT)
  } catch {
    without.value = true
    return
  }
  drawNext()
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
    <p v-else-if="trouble" class="soft">
      A form could not be loaded: {{ trouble }}. The rows show the same.
    </p>
    <ol v-if="!without" class="line">
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
