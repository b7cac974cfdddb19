<script setup lang="ts">
import { computed, toRaw, watch } from 'vue'
import {
  betterOrder,
  coatKinds,
  FELT,
  howThin,
  passesToHide,
  secondCoat,
  stackLayers,
  usualRatios,
} from '../../../core'
import type { LightPlace } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useCoats } from '../../stores/coats/coats'
import { nameOf } from '../../stores/paints'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import type { CoatsJob } from '../../workers/coatsJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'
import { partsInWords } from '../../words/parts'

/** What painters ask about the chosen coat, each computed. */
const props = defineProps<{ chosen: number; where: LightPlace }>()
const coats = useCoats()
const ladder = useLadder()
const store = useProject()
const coat = computed(() => coats.stack.coats[props.chosen])
const name = computed(() => (coat.value ? coatKinds[coat.value.kind].name : ''))
const under = computed(
  () => stackLayers(coats.stack, { light: props.where, ...coats.spot }).flat[props.chosen],
)
const pigmented = computed(() => coat.value && coatKinds[coat.value.kind].pigmented)

const hides = computed(() => (coat.value && pigmented.value ? passesToHide(coat.value) : 0))
const second = computed(() =>
  coat.value && under.value && pigmented.value ? secondCoat(coat.value, under.value) : undefined,
)
const thin = computed(() =>
  coat.value && under.value && pigmented.value
    ? howThin(coat.value, under.value, FELT, [...usualRatios, 16, 20, 30, 40])
    : undefined,
)
/** The step of the ladder that such a place of light stands for. */
const placeStep = computed(() => {
  const { steps } = ladder
  const base = steps.findIndex(({ key }) => key === 'base')
  const last = steps.length - 1
  const at: Record<LightPlace, number> = {
    'deep-shadow': 0,
    shadow: Math.max(0, base - 1),
    middle: base,
    light: Math.min(last, base + 1),
    glint: last,
  }
  return steps[at[props.where]]
})
/** Whether this coat and the next would end nearer the step the other way round. */
const order = computed(() => {
  const next = coats.stack.coats[props.chosen + 1]
  if (!coat.value || !next || !under.value || !placeStep.value) return undefined
  if (!coatKinds[next.kind].pigmented || !pigmented.value) return undefined
  return betterOrder(coat.value, next, under.value, placeStep.value.reflectance)
})
/** Bottles of the place's own step and the lighter ones: what is over-lit is the same flesh, lighter. */
const own = computed(() => {
  const from = ladder.steps.findIndex(({ key }) => key === placeStep.value?.key)
  const ids = new Set(
    ladder.steps.slice(from).flatMap(({ parts }) => parts.map(({ paint }) => paint)),
  )
  return store.paintsIn.filter(({ id }) => ids.has(id))
})
const end = computed(() =>
  stackLayers(coats.stack, { light: props.where, ...coats.spot }).flat.at(-1)!,
)
const { answer, trouble, ask } = useAnswer((job: CoatsJob) => threads.coats().answers(job))
const over = computed(() => answer.value?.over)
const knock = computed(() => answer.value?.knock)
watch(
  [coat, placeStep, end, own, () => store.paintsIn],
  () => {
    if (!coat.value || !pigmented.value || !placeStep.value) return
    if (store.paintsIn.length === 0) return
    ask({
      coat: {
        ...coat.value,
        parts: coat.value.parts.map(({ paint, drops }) => ({ paint: toRaw(paint), drops })),
      },
      target: toRaw(placeStep.value.reflectance),
      aim: { ...placeStep.value.target },
      end: end.value,
      paints: store.paintsIn.map(toRaw),
      own: own.value.map(toRaw),
    })
  },
  { immediate: true },
)
</script>

<template>
  <section v-if="coat" aria-label="Answers" class="answers">
    <h2>About coat {{ chosen + 1 }}, {{ name }}</h2>
    <p v-if="!pigmented">A varnish carries no pigment; it changes how the surface shines.</p>
    <template v-else>
      <p>
        <b>To hide what is under it:</b>
        {{
          Number.isFinite(hides) ? `${hides} passes at this thinning` : 'never; it is too clear'
        }}.
      </p>
      <p v-if="second">
        <b>A second time:</b> it moves the flat by {{ second.once.toFixed(1) }} now and by
        {{ second.twice.toFixed(1) }} laid again.
      </p>
      <p v-if="thin">
        <b>So thin that it warms without being seen:</b> {{ thin.ratio }} : 1, {{ thin.passes }}
        {{ thin.passes === 1 ? 'pass' : 'passes' }}, moves it by {{ thin.shift.toFixed(1) }}.
      </p>
      <p v-if="order && placeStep">
        <b>Before or after the next coat:</b>{{ ' ' }}
        <template v-if="order.apart < 0.5">
          either way; the orders differ by less than 0.5.</template
        >
        <template v-else>
          {{ order.first === 'one' ? 'as it is' : 'the next one first' }};
          {{ Math.min(order.oneFirst, order.otherFirst).toFixed(1) }} from
          {{ placeStep.name }} instead of
          {{ Math.max(order.oneFirst, order.otherFirst).toFixed(1) }}.
        </template>
      </p>
      <p v-if="over?.because === 'coat'">
        <b>Over-light before it:</b> no; what lies under this coat hardly shows through it. Thin it,
        or lay it in fewer passes.
      </p>
      <p v-else-if="over && placeStep" class="swatched">
        <ColourPatch :lab="over.recipeLab" class="patch" />
        <ColourPatch :lab="over.lands" class="patch" />
        <span>
          <b>Over-light before it:</b> paint {{ partsInWords(over.parts, nameOf) }}; under this coat
          it lands {{ over.deltaE00.toFixed(1) }} from {{ placeStep.name
          }}<template v-if="!over.reachable">; its own flesh with white comes no nearer</template>.
        </span>
      </p>
      <p v-if="knock && placeStep" class="swatched">
        <ColourPatch :lab="knock.from" class="patch" />
        <ColourPatch :lab="knock.lab" class="patch" />
        <span>
          <b>To bring the end back to {{ placeStep.name }}:</b>{{ ' ' }}
          <template v-if="knock.deltaE00 < knock.before - 0.2">
            glaze {{ nameOf(knock.paint) }} {{ knock.ratio }} : 1, {{ knock.passes }}
            {{ knock.passes === 1 ? 'pass' : 'passes' }}; {{ knock.before.toFixed(1) }} off becomes
            {{ knock.deltaE00.toFixed(1) }}.
          </template>
          <template v-else
            >leave it; no glaze brings it nearer than {{ knock.before.toFixed(1) }}.</template
          >
        </span>
      </p>
      <p v-if="trouble" role="alert">{{ trouble }}</p>
    </template>
  </section>
</template>

<style scoped>
.answers {
  display: grid;
  gap: 4px;
}
p {
  margin: 0;
}
.swatched {
  display: flex;
  align-items: center;
}
.swatched span {
  padding-left: 12px;
}
.patch {
  flex: 0 0 38px;
  height: 38px;
}
</style>
