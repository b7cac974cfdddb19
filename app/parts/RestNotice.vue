<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useRestNotice } from '../stores/rests/restNotice'
import { heldWords, followedWords, paintedWords } from '../words/rests'
import ColourPatch from './ColourPatch.vue'

/** What a change did to coats and moves that were decided, as it was and as it is, to be kept or to follow. */
const notice = useRestNotice()
</script>

<template>
  <section
    v-if="notice.questions.length"
    class="rests"
    role="status"
    aria-label="What changed with it"
  >
    <div v-for="one in notice.questions" :key="one.about" class="one">
      <p v-if="one.about === 'followed'">{{ followedWords(one) }}</p>
      <p v-else-if="one.about === 'held'">{{ heldWords(one) }}</p>
      <p v-else>{{ paintedWords(one.moves) }}</p>
      <ul v-if="one.mixes.length">
        <li v-for="mix in one.mixes" :key="mix.name">
          <span class="pair">
            <ColourPatch v-if="mix.was" :lab="mix.was" class="half" />
            <span v-if="mix.is" aria-hidden="true">→</span>
            <ColourPatch v-if="mix.is" :lab="mix.is" class="half" />
          </span>
          {{ mix.name }}
        </li>
      </ul>
      <div class="ways">
        <template v-if="one.about === 'followed'">
          <ElButton @click="notice.keep">Keep them as they were</ElButton>
          <ElButton @click="notice.answer('followed')">Let them follow</ElButton>
        </template>
        <template v-else-if="one.about === 'held'">
          <ElButton @click="notice.answer('held')">Keep them as they are</ElButton>
          <ElButton @click="notice.follow(one)">Let them follow</ElButton>
        </template>
        <template v-else>
          <ElButton @click="notice.answer('painted')">It counts</ElButton>
          <ElButton @click="notice.layAgain(one)">Paint it again</ElButton>
        </template>
      </div>
    </div>
  </section>
</template>

<style scoped>
.rests {
  background: var(--ground);
  color: var(--ground-text);
  padding: 8px 24px;
  display: grid;
  gap: 8px;
  max-height: 40vh;
  overflow: auto;
}
.one {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 18px;
}
p {
  margin: 0;
  flex: 1 1 260px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  font-size: 14px;
}
li,
.pair {
  display: flex;
  align-items: center;
  gap: 5px;
}
.half {
  width: 26px;
  height: 26px;
}
.ways {
  display: flex;
  gap: 6px;
}
@media (max-width: 640px) {
  .rests {
    padding: 8px 12px;
  }
}
</style>
