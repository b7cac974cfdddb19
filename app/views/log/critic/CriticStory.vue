<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useCritic } from '../../../stores/critic/critic'
import { skinFaultWords } from '../../../words/critic'
import { momentWords } from '../../../words/moment'
import KeptPhoto from '../../../parts/picture/KeptPhoto.vue'

/** Earlier photographs of the figure that is open: whether it got better. */
const critic = useCritic()
const list = computed(() => [...critic.story].reverse())
/** From the first to the last. */
const verdict = computed(() => {
  const [first, last] = [critic.story[0], critic.story.at(-1)]
  if (!first || !last || first === last) return ''
  const by = first.off - last.off
  if (Math.abs(by) < 0.5) return `As far off as at first: ${last.off.toFixed(1)}.`
  return by > 0
    ? `Better: off by ${first.off.toFixed(1)} at first, ${last.off.toFixed(1)} now.`
    : `Further off: ${first.off.toFixed(1)} at first, ${last.off.toFixed(1)} now.`
})
</script>

<template>
  <section aria-labelledby="story">
    <h2 id="story">Photographs so far</h2>
    <p v-if="list.length === 0" class="soft">
      None yet. What the critic says can be written down here, so that three photographs tell
      whether it gets better.
    </p>
    <p v-if="verdict" class="verdict">{{ verdict }}</p>
    <ol>
      <li v-for="{ id, at, off, strip, faults, photo } in list" :key="id">
        <KeptPhoto :photo="photo" :alt="`Photograph of ${momentWords(at)}`" />
        <div class="strip" role="img" :aria-label="`Read on ${momentWords(at)}, dark to light`">
          <ColourPatch v-for="(lab, i) in strip" :key="i" :lab="lab" style="flex: 1" />
        </div>
        <span class="soft">{{ momentWords(at) }}, off by {{ off.toFixed(1) }}</span>
        <span>{{ faults[0] ? skinFaultWords(faults[0]) : 'Nothing to mend.' }}</span>
        <ElButton text :aria-label="`Let go of ${momentWords(at)}`" @click="critic.letGo(id)"
          >×</ElButton
        >
      </li>
    </ol>
  </section>
</template>

<style scoped>
h2,
p {
  margin: 0 0 6px;
}
.verdict {
  font-size: 1.125rem;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 12px;
}
li {
  display: grid;
  gap: 2px;
  position: relative;
}
li .el-button {
  position: absolute;
  right: 0;
  bottom: 0;
}
.strip {
  display: flex;
  height: 22px;
}
</style>
