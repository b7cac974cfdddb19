<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref, toRaw } from 'vue'
import { learntRecord, partsById } from '../../../core'
import { allPaints, nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { threads } from '../../workers/threads'
import { useAnswer } from '../../workers/useAnswer'

/** Readings in the log improve the paints in them: shown first, taken over on a word, undone by undo. */
const store = useProject()
const readings = computed(() =>
  store.log.flatMap(({ parts, reflectance }) =>
    reflectance ? [{ parts: toRaw(parts), reflectance: Float64Array.from(reflectance) }] : [],
  ),
)
const taken = ref(false)
const {
  answer: found,
  trouble,
  busy,
  ask,
} = useAnswer(() => {
  const plain = readings.value.map(({ parts, reflectance }) => ({
    parts: partsById(parts),
    reflectance,
  }))
  return threads.learn().learn(plain, allPaints().map(toRaw))
})
function learn(): void {
  taken.value = false
  ask(undefined)
}
/** Starter paints stay as they are; what was learnt becomes a paint of one's own beside them. */
function take(): void {
  store.addPaints(found.value!.paints.map(({ paint }) => learntRecord(paint)))
  taken.value = true
}
</script>

<template>
  <section aria-labelledby="teach" class="teach">
    <h2 id="teach">The box learns</h2>
    <p class="soft">
      {{ readings.length }} {{ readings.length === 1 ? 'reading' : 'readings' }} of mixes can teach
      it; from four on it can tell whether it got better.
    </p>
    <ElButton :disabled="readings.length < 4 || busy" @click="learn">
      {{ busy ? 'Learning…' : 'See what they say' }}
    </ElButton>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <template v-if="found">
      <p>
        Readings held out in turn were off by {{ found.before.toFixed(1) }}; with what was learnt,
        {{ found.after.toFixed(1) }}.
      </p>
      <p v-for="id in found.strange" :key="id" role="status">
        {{ nameOf(id) }} does not fit: without it every other reading is met far better. Is it a
        metallic or a glowing paint, or did the ground show through?
      </p>
      <ul>
        <li v-for="{ paint, change } in found.paints" :key="paint.id">
          {{ paint.name }}: up to {{ (100 * (Math.exp(change) - 1)).toFixed(0) }}% in K or S
        </li>
      </ul>
      <ElButton v-if="found.better && !taken" type="primary" @click="take">
        Take it over as my paints
      </ElButton>
      <p v-else-if="taken">They stand in the box as “my …”; undo takes them out again.</p>
      <p v-else>It would not be better on mixes it has not seen, so nothing is taken over.</p>
    </template>
  </section>
</template>

<style scoped>
.teach {
  display: grid;
  gap: 8px;
}
p,
ul {
  margin: 0;
}
ul {
  padding-left: 18px;
  font-size: 14px;
}
</style>
