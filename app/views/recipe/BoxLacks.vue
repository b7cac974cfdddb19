<script setup lang="ts">
import { shallowRef, toRaw, watch } from 'vue'
import type { Lab } from '../../../core'
import { useProject } from '../../stores/project/project'
import { boxThread } from '../../workers/boxThread'
import type { WishAnswer } from '../../workers/boxWorker'

/** The single starter pigment that would bring a step nearest, searched when asked. */
const props = defineProps<{ target: Lab; best: number }>()
const store = useProject()
const wish = shallowRef<WishAnswer | 'asked' | 'none'>()
watch([() => props.target, () => store.paintsIn], () => (wish.value = undefined))

async function ask(): Promise<void> {
  wish.value = 'asked'
  const found = await boxThread().wish({
    target: { ...props.target },
    paints: store.paintsIn.map(toRaw),
    best: props.best,
  })
  if (wish.value === 'asked') wish.value = found ?? 'none'
}
</script>

<template>
  <section aria-labelledby="wish">
    <h2 id="wish">What the box lacks</h2>
    <p v-if="wish === undefined">
      <button type="button" class="plain" @click="ask">Which paint would help most?</button>
    </p>
    <p v-else-if="wish === 'asked'" role="status">Trying every starter pigment…</p>
    <p v-else-if="wish === 'none'" role="status">No starter pigment brings this step nearer.</p>
    <p v-else role="status">
      <b>{{ wish.name }}</b> would bring it to {{ wish.deltaE00.toFixed(1) }}: {{ wish.mix }}.
    </p>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0 0;
  font-size: 15px;
}
</style>
