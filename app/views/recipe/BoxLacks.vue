<script setup lang="ts">
import { ElButton } from 'element-plus'
import { toRaw, watch } from 'vue'
import type { Lab } from '../../../core'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { partsInWords } from '../../words/parts'
import type { WishAnswer } from '../../workers/boxJobs'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'

/** The single starter pigment that would bring a step nearest, searched when asked. */
const props = defineProps<{ target: Lab; best: number }>()
const store = useProject()
const { answer, trouble, busy, ask, forget } = useAnswer<void, { wish?: WishAnswer }>(async () => ({
  wish: await threads
    .box()
    .wish({ ...props.target }, store.paintsIn.map(toRaw), props.best, store.mostDrops),
}))
watch([() => props.target, () => store.paintsIn], forget)
</script>

<template>
  <section aria-labelledby="wish">
    <h2 id="wish">What the box lacks</h2>
    <p v-if="busy" role="status">Trying every starter pigment…</p>
    <p v-else-if="answer?.wish" role="status">
      <b>{{ nameOf(answer.wish.paint) }}</b> would bring it to
      {{ answer.wish.deltaE00.toFixed(1) }}: {{ partsInWords(answer.wish.parts, nameOf) }}.
    </p>
    <p v-else-if="answer" role="status">No starter pigment brings this step nearer.</p>
    <p v-else>
      <ElButton @click="ask()">Which paint would help most?</ElButton>
    </p>
    <p v-if="trouble" role="alert">The search stopped: {{ trouble }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 4px 0 0;
  font-size: 0.9375rem;
}
</style>
