<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { lookOf } from '../../../core'
import type { SlideExercise } from '../../../core'
import SliderRow from '../../parts/field/SliderRow.vue'
import { screenColour } from '../../parts/screenColour'
import { nameOf } from '../../stores/paints'
import { useEyeSession } from '../../stores/eye/session'
import { ratioWords } from '../../words/eye'

/** A ratio is slid to; what it looks like is shown when it is answered. */
const props = defineProps<{ exercise: SlideExercise }>()
const session = useEyeSession()
const at = ref(0)
watch(
  () => props.exercise,
  () => (at.value = 0),
)
const done = computed(() => session.given !== undefined)
const names = computed(() => props.exercise.parts!.map(({ paint }) => nameOf(paint)))
const STEP = 0.1
const RUN = 25
const look = (doublings: number): string => {
  const [one, other] = props.exercise.parts!
  return screenColour(lookOf(session.world, [one!, { ...other!, drops: 2 ** doublings }])).css
}
const run = computed(() =>
  Array.from({ length: RUN }, (_, i) => look(props.exercise.most * ((2 * i) / (RUN - 1) - 1))),
)
const place = (doublings: number): string =>
  `${(50 * (1 + doublings / props.exercise.most)).toFixed(1)}%`
</script>

<template>
  <div class="ends">
    <figure v-for="(lab, i) in exercise.shown" :key="i">
      <span class="look" :style="{ background: screenColour(lab).css }" />
      <figcaption>{{ names[i] }}</figcaption>
    </figure>
  </div>
  <div v-if="done" class="run" aria-hidden="true">
    <span v-for="(css, i) in run" :key="i" :style="{ background: css }" />
    <i class="mark truth-mark" :style="{ left: place(exercise.truth) }" />
    <i class="mark" :style="{ left: place(at) }" />
  </div>
  <SliderRow
    v-model="at"
    :name="`${names[0]} to ${names[1]}`"
    :words="ratioWords(at)"
    :min="-exercise.most"
    :max="exercise.most"
    :step="STEP"
    :disabled="done"
  />
  <ElButton v-if="!done" type="primary" @click="session.answer(at)">It is half-way here</ElButton>
  <p v-else class="truth">
    Half-way is {{ ratioWords(exercise.truth) }}; you were off by
    {{ (2 ** Math.abs(session.given!.off!)).toFixed(2) }} times. The thick mark is half-way, the
    thin one yours.
  </p>
</template>

<style scoped>
.ends {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
figure {
  margin: 0;
}
.look {
  display: block;
  height: 140px;
}
figcaption {
  padding: 6px 0;
  text-align: center;
}
.run {
  position: relative;
  display: flex;
  height: 64px;
}
.run span {
  flex: 1;
}
.mark {
  position: absolute;
  top: -6px;
  bottom: -6px;
  width: 3px;
  margin-left: -1px;
  background: var(--ink);
}
.truth-mark {
  width: 9px;
  margin-left: -4px;
}
</style>
