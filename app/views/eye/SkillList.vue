<script setup lang="ts">
import { ElButton } from 'element-plus'
import { scaleLog } from 'd3'
import { computed } from 'vue'
import { dueSkills, skills, thresholdFor } from '../../../core'
import type { Skill } from '../../../core'
import { ENOUGH_ANSWERS, useEye } from '../../stores/eye/eye'
import { useEyeSession } from '../../stores/eye/session'
import { skillWords, thresholdWords } from '../../words/eye'
import SkillPicture from './SkillPicture.vue'

/** Every skill by what is due: what the eye tells apart, and how surely that is known. */
defineProps<{ chosen: Skill }>()
defineEmits<{ choose: [skill: Skill]; start: [skill: Skill] }>()
const eye = useEye()
const session = useEyeSession()
const WIDTH = 160
const rows = computed(() =>
  dueSkills(eye.answers, Date.now(), eye.hues).map(({ skill }) => {
    const { from, least, most } = skills[skill]
    const x = scaleLog(
      [Math.max(least, from / 40), Math.min(most, from * 4)],
      [4, WIDTH - 4],
    ).clamp(true)
    const measured = thresholdFor(skill, eye.answers)
    const many = eye.many(skill)
    return {
      skill,
      many,
      words: many === 0 ? 'not asked yet' : thresholdWords(skill, measured),
      at: x(measured.threshold),
      low: x(measured.low),
      high: x(measured.high),
      sure: many >= ENOUGH_ANSWERS,
    }
  }),
)
</script>

<template>
  <ul class="skills">
    <li v-for="row in rows" :key="row.skill" :class="{ here: row.skill === chosen }">
      <SkillPicture :skill="row.skill" :tones="session.world.tones" />
      <button
        type="button"
        class="name"
        :aria-pressed="row.skill === chosen"
        @click="$emit('choose', row.skill)"
      >
        <b>{{ skillWords[row.skill].name }}</b>
        <span class="soft">{{ skillWords[row.skill].serves }}</span>
      </button>
      <svg class="bar" :viewBox="`0 0 ${WIDTH} 24`" aria-hidden="true">
        <line class="all" x1="4" :x2="WIDTH - 4" y1="12" y2="12" />
        <template v-if="row.many">
          <line
            class="spread"
            :class="{ sure: row.sure }"
            :x1="row.low"
            :x2="row.high"
            y1="12"
            y2="12"
          />
          <circle :cx="row.at" cy="12" r="6" />
        </template>
      </svg>
      <span class="words">{{ row.words }}</span>
      <ElButton
        :aria-label="`Exercise ${skillWords[row.skill].name}`"
        @click="$emit('start', row.skill)"
      >
        Exercise
      </ElButton>
    </li>
  </ul>
</template>

<style scoped>
.skills {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr) minmax(60px, 140px) 110px auto;
  gap: 14px;
  align-items: center;
  border-top: 1px solid var(--line);
}
li.here {
  background: var(--field-high);
}
.name {
  display: block;
  min-height: 48px;
  padding: 6px 8px;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}
.name b,
.name span {
  display: block;
}
.all {
  stroke: var(--line);
}
.spread {
  stroke: var(--ink-soft);
  stroke-width: 3;
  stroke-dasharray: 3 3;
}
.spread.sure {
  stroke-dasharray: none;
}
circle {
  fill: var(--ink);
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 96px minmax(0, 1fr) auto;
    padding: 4px 0;
  }
  .bar {
    display: none;
  }
  .words {
    grid-column: 2;
    padding-left: 8px;
  }
  li > :deep(.el-button) {
    grid-column: 3;
    grid-row: 1 / span 2;
  }
}
</style>
