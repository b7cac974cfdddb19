<script setup lang="ts">
import { ElButton, ElSwitch } from 'element-plus'
import { computed, ref } from 'vue'
import { thresholdFor, weakHues } from '../../../core'
import type { Skill } from '../../../core'
import EyeTrend from '../../charts/EyeTrend.vue'
import SideLayout from '../../parts/SideLayout.vue'
import TroubleNote from '../../parts/TroubleNote.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { ENOUGH_ANSWERS, useEye } from '../../stores/eye/eye'
import { useTrend } from '../../stores/eye/useTrend'
import { SESSION_MIN, useEyeSession } from '../../stores/eye/session'
import { skillWords, thresholdWords } from '../../words/eye'
import EyeStage from './EyeStage.vue'
import SkillList from './SkillList.vue'

/** Ten minutes a day for the eye: questions with measured answers, from one's own bottles and figures. */
const eye = useEye()
const session = useEyeSession()
const looked = ref<Skill>('lighter')
/** What is asked now, or what was looked at last. */
const chosen = computed(() => session.exercise?.skill ?? looked.value)

const points = useTrend(chosen)
const words = (threshold: number): string => thresholdWords(chosen.value, { threshold })
const label = computed(() => {
  const last = points.value.at(-1)
  return `${skillWords[chosen.value].name}, day by day${last ? `: last ${words(last.threshold)}, between ${words(last.low)} and ${words(last.high)}` : ''}`
})

const weak = computed(() => weakHues(eye.answers, ENOUGH_ANSWERS))
const table = computed(() => thresholdFor('same', eye.answers))
</script>

<template>
  <main class="view">
    <ViewHead
      title="Eye"
      :note="`${eye.answers.length} ${eye.answers.length === 1 ? 'answer' : 'answers'} so far`"
    />
    <TroubleNote v-if="eye.trouble" :text="eye.trouble" @close="eye.trouble = ''" />
    <SideLayout :side="320">
      <EyeStage v-if="session.exercise" />
      <template v-else>
        <p v-if="session.trouble" role="alert">{{ session.trouble }}</p>
        <div v-if="!eye.ready" class="begin" role="status">Looking at your answers…</div>
        <div v-else class="begin">
          <ElButton type="primary" size="large" @click="session.start()">
            {{ SESSION_MIN }} minutes of what is due
          </ElButton>
          <p class="soft">
            {{
              session.answered
                ? `${session.right} of ${session.answered} were right just now; about four in five keep an eye at its edge.`
                : 'Questions come from your own bottles and figures, and are as hard as your eye is fine. Weak ones come first.'
            }}
          </p>
        </div>
        <SkillList
          v-if="eye.ready"
          :chosen="chosen"
          @choose="looked = $event"
          @start="session.start($event)"
        />
      </template>
      <template #side>
        <section aria-labelledby="trend">
          <h2 id="trend">{{ skillWords[chosen].name }}, day by day</h2>
          <EyeTrend v-if="points.length" :points="points" :label="label" :words="words" />
          <p v-else class="soft">Nothing is known yet. Lower will be finer.</p>
        </section>
        <section aria-labelledby="use">
          <h2 id="use">What your eye sees</h2>
          <p class="soft">
            {{
              eye.many('same') >= ENOUGH_ANSWERS
                ? `Edge to edge you tell ${thresholdWords('same', table)} apart.`
                : `After ${ENOUGH_ANSWERS} answers to “same or different” (${eye.many('same')} so far) this can be your tolerance.`
            }}
          </p>
          <label class="switch">
            <ElSwitch
              :model-value="Boolean(eye.settings.tolerance)"
              @update:model-value="eye.set({ tolerance: Boolean($event) })"
            />
            Put right, tell apart and judge by what my eye sees
          </label>
          <label class="switch">
            <ElSwitch
              :model-value="Boolean(eye.settings.withoutHues)"
              @update:model-value="eye.set({ withoutHues: Boolean($event) })"
            />
            Ask by lightness and ratio only
          </label>
          <p v-if="weak.length && eye.hues" class="soft" role="status">
            {{ weak.map((skill) => skillWords[skill].name.toLowerCase()).join(' and ') }} takes your
            eye a larger step than lightness does. Many painters’ eyes are so, and paint well by
            value; the numbers and names of this application never rest on hue alone. If such
            questions are no joy, ask by lightness and ratio only.
          </p>
        </section>
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.begin {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px 18px;
  padding: 8px 0 14px;
}
.begin p {
  flex: 1 1 260px;
  margin: 0;
}
section {
  display: grid;
  gap: 8px;
}
p {
  margin: 0;
}
.switch {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}
</style>
