<script setup lang="ts">
import { watch } from 'vue'
import type { Paint } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import FoldOut from '../../parts/FoldOut.vue'
import { useLearntLadders } from '../../stores/learntLadders'

/** What would change of the ladders if these bottles were mixed as readings have them, before it is taken over. */
const props = defineProps<{ paints: readonly Paint[] }>()
const { answer: ladders, busy, trouble, ask } = useLearntLadders()
watch(
  () => props.paints,
  (paints) => ask(paints),
  { immediate: true },
)
const strips = [
  ['predicted', 'as predicted'],
  ['truly', 'what its drops make'],
  ['anew', 'mixed anew'],
] as const
</script>

<template>
  <section class="ladders" aria-label="Ladders that change">
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <p v-else role="status">
      {{
        busy
          ? 'Mixing the ladders with it…'
          : ladders?.length
            ? `${ladders.length} ${ladders.length === 1 ? 'ladder changes' : 'ladders change'}.`
            : 'No ladder changes so that one would see it.'
      }}
    </p>
    <article v-for="{ figure, steps, off, doubt } in ladders" :key="figure.id">
      <h3>{{ figure.name }}</h3>
      <div v-for="[which, words] in strips" :key="which" class="line">
        <span class="strip">
          <ColourPatch
            v-for="step in steps"
            :key="step.key"
            :lab="step[which]"
            :label="`${step.name}, ${words}`"
          />
        </span>
        <span class="soft">{{ words }}</span>
      </div>
      <p class="soft numbers">
        Its drops are {{ off[0].toFixed(1) }} from the aims, mixed anew {{ off[1].toFixed(1) }};
        known to ±{{ doubt[0].toFixed(1) }} now, to ±{{ doubt[1].toFixed(1) }} then
      </p>
      <FoldOut name="Its drops">
        <ul>
          <li v-for="{ key, name, drops, settled } in steps" :key="key">
            <b>{{ name }}</b>
            <template v-if="settled"> {{ drops[0] }}: settled by you, so it stays</template>
            <template v-else-if="drops[0] === drops[1]"> {{ drops[0] }}, as before</template>
            <template v-else>
              <del>{{ drops[0] }}</del> {{ drops[1] }}
            </template>
          </li>
        </ul>
      </FoldOut>
    </article>
  </section>
</template>

<style scoped>
.ladders,
article {
  display: grid;
  gap: 6px;
}
.ladders {
  gap: 14px;
}
h3,
p,
ul {
  margin: 0;
}
h3 {
  font-size: 1rem;
}
.line {
  display: grid;
  gap: 2px;
  font-size: 0.875rem;
}
.strip {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: 1fr;
  height: 28px;
}
ul {
  list-style: none;
  padding: 0;
  font-size: 0.875rem;
  display: grid;
  gap: 4px;
}
del {
  opacity: 0.75;
}
</style>
