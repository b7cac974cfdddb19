<script setup lang="ts">
import { shallowRef, toRaw, watch } from 'vue'
import type { Paint } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { paintColours } from '../../../parts/paintColours'
import { useLadder } from '../../../stores/ladder'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project'
import { boxThread } from '../../../workers/boxThread'
import type { LikeAnswer, NamedMix } from '../../../workers/boxWorker'

/** What a paint is like: other bottles, mixes that stand in for it, and the ladder without it. */
const props = defineProps<{ paint: Paint }>()
const store = useProject()
const ladder = useLadder()
const answer = shallowRef<LikeAnswer>()
const without = shallowRef<{ step: string; mix: NamedMix }[]>([])

watch(
  () => [props.paint, store.paintsIn] as const,
  async ([paint, paintsIn]) => {
    const box = paintsIn.map(toRaw)
    const worker = boxThread()
    answer.value = await worker.like(toRaw(paint), box)
    const steps = ladder.steps.filter(({ parts }) => parts.some(({ paint: id }) => id === paint.id))
    const limits = { maxPaints: 3, maxDrops: 10 }
    const mixes = await worker.substitutes(
      steps.map(({ painted }) => ({ lab: { ...painted! } })),
      paint.id,
      box,
      limits,
    )
    without.value = mixes.flatMap((mix, i) => (mix ? [{ step: steps[i]!.name, mix }] : []))
  },
  { immediate: true },
)
const words = ({ parts }: NamedMix): string =>
  parts.map(({ name, drops }) => `${drops} ${name}`).join(' + ')
</script>

<template>
  <section aria-label="What it is like" class="like">
    <h3>What it is like</h3>
    <p v-if="!answer" class="soft" role="status">Comparing…</p>
    <template v-else>
      <ul>
        <li v-for="{ id, name, deltaE00, words: said } in answer.singles" :key="id">
          <span class="pair">
            <ColourPatch :lab="paintColours(paint).masstone" class="half" /><ColourPatch
              :lab="paintColours(paintOf(id)).masstone"
              class="half"
            />
          </span>
          <span
            ><b>{{ name }}</b> {{ said.join(', ') }}; off by {{ deltaE00.toFixed(1) }}</span
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
        <li v-for="{ step, mix } in without" :key="step">
          <ColourPatch :lab="mix.lab" class="half" />
          <span
            >{{ store.figure.name.split(',')[0] }}’s {{ step }}: {{ words(mix) }}, off by
            {{ mix.deltaE00.toFixed(1) }}</span
          >
        </li>
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
  font-size: 14px;
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
