<script setup lang="ts">
import { until } from '@vueuse/core'
import { ref, shallowRef, toRaw, watch } from 'vue'
import type { Paint } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { paintColours } from '../../../parts/paintColours'
import { useLadder } from '../../../stores/ladder/ladder'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import { latestOnly } from '../../../workers/latestOnly'
import { boxThread } from '../../../workers/boxThread'
import type { LikeAnswer, NamedMix } from '../../../workers/boxWorker'

/** What a paint is like: other bottles, mixes that stand in for it, and the ladder without it. */
const props = defineProps<{ paint: Paint }>()
const store = useProject()
const answer = shallowRef<LikeAnswer>()
const without = shallowRef<{ step: string; mix: NamedMix }[]>()
const asking = ref(false)

const compare = latestOnly<{ paint: Paint; box: Paint[] }, LikeAnswer>(
  ({ paint, box }) => boxThread().like(paint, box),
  (found, { paint }) => {
    if (paint.id === props.paint.id) answer.value = found
  },
  () => undefined,
)
watch(
  () => [props.paint, store.paintsIn] as const,
  ([paint, paintsIn]) => compare({ paint: toRaw(paint), box: paintsIn.map(toRaw) }),
  { immediate: true },
)

/** The steps of the figure's ladder that use the paint, mixed without it. */
async function askLadder(): Promise<void> {
  asking.value = true
  const ladder = useLadder()
  await until(() => ladder.searching).toBe(false, { timeout: 5000 })
  const steps = ladder.steps.filter(({ parts }) =>
    parts.some(({ paint }) => paint === props.paint.id),
  )
  const mixes = await boxThread().substitutes(
    steps.map(({ painted }) => ({ lab: { ...painted! } })),
    props.paint.id,
    store.paintsIn.map(toRaw),
    { maxPaints: 3, maxDrops: 10 },
  )
  without.value = mixes.flatMap((mix, i) => (mix ? [{ step: steps[i]!.name, mix }] : []))
  asking.value = false
}
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
      </ul>
      <button v-if="!without" type="button" class="plain" :disabled="asking" @click="askLadder">
        {{
          asking
            ? 'Mixing the ladder without it…'
            : `${store.figure.name.split(',')[0]}’s ladder without it`
        }}
      </button>
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
