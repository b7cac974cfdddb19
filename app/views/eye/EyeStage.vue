<script setup lang="ts">
import { ElButton, ElProgress } from 'element-plus'
import { useEventListener, useNow } from '@vueuse/core'
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { screenColour } from '../../parts/screenColour'
import { nameOf } from '../../stores/paints'
import { SESSION_MIN, useEyeSession } from '../../stores/eye/session'
import { partsWords, questionWords, skillWords } from '../../words/eye'
import FieldStage from './FieldStage.vue'
import OrderStage from './OrderStage.vue'
import PickStage from './PickStage.vue'
import SlideStage from './SlideStage.vue'

/** One question at a time, on neutral ground: digits choose, Space goes on. */
const session = useEyeSession()
const one = computed(() => session.exercise)
const order = ref<InstanceType<typeof OrderStage>>()
const now = useNow({ interval: 1000 })
const spent = computed(() => {
  const whole = SESSION_MIN * 60_000
  return Math.min(100, Math.max(0, 100 - (100 * (session.endsAt - now.value.getTime())) / whole))
})
const over = computed(() => spent.value >= 100)
const known = computed(() =>
  one.value?.skill === 'more' ? `In it: ${partsWords(one.value.parts!, nameOf)}.` : '',
)
const stage = ref<HTMLElement>()
// A new question is seen from its beginning, however far down the last one ended.
const toTop = (): void => {
  if (stage.value && stage.value.getBoundingClientRect().top < 0)
    stage.value.scrollIntoView({ block: 'start' })
}
onMounted(() => requestAnimationFrame(toTop))
watch(one, toTop, { flush: 'post' })
const nextButton = ref<InstanceType<typeof ElButton>>()
watch(
  () => session.given,
  (given) => given && void nextTick(() => nextButton.value?.ref?.focus()),
)

useEventListener(
  'keydown',
  (event: KeyboardEvent) => {
    const at = event.target as HTMLElement
    if (!one.value || event.ctrlKey || event.metaKey || event.altKey) return
    if (at.closest('[role=slider], [role=dialog], input')) return
    const digit = /^[1-7]$/.test(event.key) ? Number(event.key) - 1 : -1
    if (digit >= 0 && 'options' in one.value && digit < one.value.options.length) {
      const ends = one.value.skill === 'breaks' && [0, one.value.options.length - 1].includes(digit)
      if (one.value.kind === 'order') order.value?.choose(digit)
      else if (!ends) void session.answer(digit)
      event.preventDefault()
      // Digits are rooms elsewhere; here they are answers.
      event.stopImmediatePropagation()
    }
  },
  { capture: true },
)
</script>

<template>
  <section v-if="one" ref="stage" class="stage" :aria-label="skillWords[one.skill].name">
    <div class="line">
      <ElProgress class="time" :percentage="spent" :show-text="false" aria-label="Of ten minutes" />
      <span class="soft">{{ session.right }} of {{ session.answered }} right</span>
      <ElButton @click="session.stop()">Stop</ElButton>
    </div>
    <h2 aria-live="polite">{{ questionWords(one) }}</h2>
    <p v-if="known" class="soft">{{ known }}</p>
    <div v-if="one.shown.length && one.kind === 'pick'" class="shown">
      <span
        v-for="(lab, i) in one.shown"
        :key="i"
        class="look"
        role="img"
        :aria-label="
          one.shown.length > 1 ? (i === 0 ? 'The first' : 'The second') : 'What is asked about'
        "
        :style="{ background: screenColour(lab).css }"
      />
    </div>
    <PickStage v-if="one.kind === 'pick'" :exercise="one" />
    <OrderStage v-else-if="one.kind === 'order'" ref="order" :exercise="one" />
    <SlideStage v-else-if="one.kind === 'slide'" :exercise="one" />
    <FieldStage v-else :exercise="one" />
    <div class="line end" role="status">
      <template v-if="session.given">
        <b v-if="session.given.right !== undefined">{{
          session.given.right ? 'Right.' : 'Not this one.'
        }}</b>
        <span v-if="over">Ten minutes are over: that is enough for today.</span>
        <ElButton ref="nextButton" type="primary" @click="session.next()">Next</ElButton>
      </template>
    </div>
  </section>
</template>

<style scoped>
.stage {
  display: grid;
  gap: 14px;
  grid-template-columns: minmax(0, 1fr);
}
.line {
  display: flex;
  align-items: center;
  gap: 16px;
}
.time {
  flex: 1;
}
.end {
  min-height: 48px;
}
h2 {
  font-size: 1.5rem;
}
p {
  margin: 0;
}
.shown {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 240px);
}
.look {
  height: 120px;
}
.stage :deep(.truth) {
  margin: 0;
  font-size: 1.125rem;
}
</style>
