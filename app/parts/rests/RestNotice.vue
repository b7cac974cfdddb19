<script setup lang="ts">
import { useMousePressed } from '@vueuse/core'
import { ElButton } from 'element-plus'
import { ref, toRef, watch } from 'vue'
import { useProject } from '../../stores/project/project'
import { useRestNotice } from '../../stores/rests/restNotice'
import { answerWords, heldWords, followedWords, paintedWords } from '../../words/rests'
import ColourPatch from '../ColourPatch.vue'
import { vTip } from '../tip/tip'
import { useLastUsed } from './useLastUsed'

/**
 * What a change did to coats and moves that were decided, as it was and as it is, to be kept or to follow: beside the
 * controls that made it while they are in sight, else at the foot of the room.
 */
const props = defineProps<{ room?: HTMLElement | undefined }>()
const notice = useRestNotice()
const asked = ref<HTMLElement>()
const beside = useLastUsed(toRef(props, 'room'), asked)
const store = useProject()
const said = { followed: followedWords, held: heldWords, painted: paintedWords }
// What was being changed stays in sight, and what is asked of it; not while it is still being dragged.
const { pressed } = useMousePressed()
let due = false
watch(
  [() => notice.questions.length, pressed],
  ([many], [before]) => {
    due ||= many > before
    if (!due || pressed.value) return
    due = false
    if (document.activeElement !== document.body)
      document.activeElement?.scrollIntoView({ block: 'nearest' })
    // The first of it: what the change is looked at on is not to be scrolled away.
    if (beside.value) asked.value?.firstElementChild?.scrollIntoView({ block: 'nearest' })
  },
  { flush: 'post' },
)
</script>

<template>
  <Teleport :to="beside" :disabled="!beside">
    <section
      v-if="notice.questions.length"
      ref="asked"
      class="rests"
      :class="{ beside }"
      role="status"
      aria-label="What changed with it"
    >
      <div v-for="one in notice.questions" :key="one.about" class="one">
        <p>
          <b>{{ store.figure.name.split(',')[0] }}</b>: {{ said[one.about](one) }}
        </p>
        <ul v-if="one.mixes.length">
          <li v-for="mix in one.mixes" :key="mix.name" v-tip="mix.name">
            <ColourPatch
              v-if="mix.was"
              :lab="mix.was"
              :label="`${mix.name}, as it was`"
              class="half"
            />
            <ColourPatch v-if="mix.is" :lab="mix.is" :label="`${mix.name} now`" class="half" />
          </li>
        </ul>
        <div class="ways">
          <template v-if="one.about === 'followed'">
            <ElButton @click="notice.keep">
              {{ answerWords(one).back }}
            </ElButton>
            <ElButton @click="notice.answer(['followed'])">{{ answerWords(one).follow }}</ElButton>
          </template>
          <template v-else-if="one.about === 'held'">
            <ElButton @click="notice.answer(['held'])">
              {{ answerWords(one).stay }}
            </ElButton>
            <ElButton :loading="notice.beginning" @click="notice.follow(one)">
              {{ answerWords(one).follow }}
            </ElButton>
          </template>
          <template v-else>
            <ElButton @click="notice.answer(['painted'])">It counts</ElButton>
            <ElButton @click="notice.layAgain(one)">Paint it again</ElButton>
          </template>
        </div>
      </div>
    </section>
  </Teleport>
</template>

<style scoped>
.rests {
  background: var(--field-high);
  border-top: 2px solid var(--ink);
  padding: 6px 24px;
  display: grid;
  gap: 6px;
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
  font-size: 0.9375rem;
  line-height: 1.25;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
}
li {
  display: flex;
}
.half {
  width: 20px;
  height: 32px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
/* At the end of a row, whatever that is laid out as. */
.rests.beside {
  grid-column: 1 / -1;
  flex: 1 0 100%;
  border: 2px solid var(--ink);
  padding: 6px 10px;
  max-height: none;
}
@media (max-width: 640px) {
  .rests {
    padding: 6px 12px;
  }
}
</style>
