<script setup lang="ts">
import { ElButton } from 'element-plus'
import { until } from '@vueuse/core'
import { toRaw, watch } from 'vue'
import type { Paint } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { paintColours } from '../../../parts/paintColours'
import { useLadder } from '../../../stores/ladder/ladder'
import { nameOf, paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import { partsInWords } from '../../../words/parts'
import type { PlainMix } from '../../../workers/boxJobs'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'

/** What a paint is like: other bottles, mixes that stand in for it, and the ladder without it. */
const props = defineProps<{ paint: Paint }>()
const store = useProject()

const { answer, trouble, ask } = useAnswer(() =>
  threads.box().like(toRaw(props.paint), store.paintsIn.map(toRaw)),
)
watch([() => props.paint, () => store.paintsIn], () => ask(undefined), { immediate: true })

/** The steps of the figure's ladder that use the paint, mixed without it. */
const ladderWithout = useAnswer<void, { step: string; mix: PlainMix }[]>(async () => {
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false, { timeout: 5000 })
  const steps = ladder.steps.filter(({ parts }) =>
    parts.some(({ paint }) => paint === props.paint.id),
  )
  const mixes = await threads.box().substitutes(
    steps.map(({ painted }) => ({ ...painted! })),
    props.paint.id,
    store.paintsIn.map(toRaw),
    { maxPaints: 3, maxDrops: store.mostDrops },
  )
  return mixes.flatMap((mix, i) => (mix ? [{ step: steps[i]!.name, mix }] : []))
})
watch(() => props.paint.id, ladderWithout.forget)
const { answer: without, busy: asking, trouble: stopped } = ladderWithout
const words = ({ parts }: PlainMix): string => partsInWords(parts, nameOf)
</script>

<template>
  <section aria-label="What it is like" class="like">
    <h3>What it is like</h3>
    <p v-if="trouble || stopped" role="alert">{{ trouble || stopped }}</p>
    <p v-if="!answer && !trouble" class="soft" role="status">Comparing…</p>
    <template v-else-if="answer">
      <ul>
        <li v-for="{ id, deltaE00, words: said } in answer.singles" :key="id">
          <span class="pair">
            <ColourPatch :lab="paintColours(paint).masstone" class="half" /><ColourPatch
              :lab="paintColours(paintOf(id)).masstone"
              class="half"
            />
          </span>
          <span
            ><b>{{ nameOf(id) }}</b> {{ said.join(', ') }}; off by {{ deltaE00.toFixed(1) }}</span
          >
        </li>
      </ul>
      <h3>If it is missing</h3>
      <ul>
        <li v-for="mix in answer.mixes" :key="words(mix)">
          <span class="pair">
            <ColourPatch :lab="paintColours(paint).masstone" class="half" /><ColourPatch
              :lab="mix.lab"
              class="half"
            />
          </span>
          <span>{{ words(mix) }} is off by {{ mix.deltaE00.toFixed(1) }}</span>
        </li>
      </ul>
      <ElButton v-if="!without" :disabled="asking" @click="ladderWithout.ask()">
        {{
          asking
            ? 'Mixing the ladder without it…'
            : `${store.figure.name.split(',')[0]}’s ladder without it`
        }}
      </ElButton>
      <ul v-else>
        <li v-for="{ step, mix } in without" :key="step">
          <ColourPatch :lab="mix.lab" class="half" />
          <span
            >{{ store.figure.name.split(',')[0] }}’s {{ step }}: {{ words(mix) }}, off by
            {{ mix.deltaE00.toFixed(1) }}</span
          >
        </li>
        <li v-if="without.length === 0">No step of this ladder uses it.</li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.like {
  display: grid;
  gap: 6px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
  font-size: 0.875rem;
}
li {
  display: flex;
  gap: 8px;
}
.pair {
  display: flex;
  flex: none;
}
.half {
  width: 22px;
  min-height: 30px;
  flex: none;
}
p {
  margin: 0;
}
</style>
