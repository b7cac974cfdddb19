<script setup lang="ts">
import { ElButton, ElInput, ElInputNumber } from 'element-plus'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { figureSizes, longest, mostOf } from '../../../core'
import LadderStrips from '../../parts/LadderStrips.vue'
import TroubleNote from '../../parts/TroubleNote.vue'
import { useShelf } from '../../stores/shelf/shelf'
import { sizeMeaning, sizeWords } from '../../words/sizes'
import { jobs, startingTones } from './answers'
import BottleQuestion from './BottleQuestion.vue'
import JobPicture from './JobPicture.vue'
import PictureChoice from './PictureChoice.vue'
import SizePicture from './SizePicture.vue'
import { stripOfTone } from './toneStrip'
import { useAnswers } from './useAnswers'

/** Five plain questions, each with an answer already in it, to a commission with a ladder. */
const shelf = useShelf()
const router = useRouter()
onMounted(() => void shelf.refresh())
const { name, job, many, size, tones, set, own, several, made } = useAnswers()

const questions = computed(() => [
  'What is it?',
  several.value ? 'How many of each?' : 'How many?',
  'How large?',
  several.value ? 'Which skins and hides?' : 'Which skin or hide?',
  'Which bottles?',
])
const at = ref(0)
/** The next question is where the keys are. */
const heading = ref<HTMLElement>()
watch(at, async () => {
  await nextTick()
  heading.value?.focus()
})
const last = computed(() => at.value === questions.value.length - 1)

const sizeChoices = figureSizes.map((one, i) => ({
  key: i,
  name: sizeWords(one),
  note: sizeMeaning(one).split(',')[0]!,
}))
const toneChoices = startingTones.map(({ key, name }) => ({ key, name }))
const strips = new Map(startingTones.map(({ key, tone }) => [key, stripOfTone(tone)]))
const others = computed(() => shelf.onShelf.filter(({ broken }) => !broken).slice(0, 6))

const busy = ref(false)
const trouble = shallowRef('')
async function begin(make: () => Promise<string>, room: string): Promise<void> {
  busy.value = true
  trouble.value = ''
  try {
    await router.push({ name: room, params: { commission: await make() } })
  } catch (error) {
    trouble.value = `It could not be begun: ${(error as Error).message}`
  }
  busy.value = false
}
const whole = (): Promise<void> =>
  begin(async () => shelf.add(await made(shelf.projectOf)), 'Ladder')
const empty = (): Promise<void> =>
  begin(() => shelf.addEmpty(name.value.trim() || 'New commission'), 'Figures')
</script>

<template>
  <main class="view">
    <TroubleNote v-if="trouble" :text="trouble" @close="trouble = ''" />
    <header class="head">
      <h1 ref="heading" tabindex="-1">{{ questions[at] }}</h1>
      <p class="soft">{{ at + 1 }} of {{ questions.length }}; each has an answer already</p>
      <label class="called">
        Called
        <ElInput v-model="name" :maxlength="longest.name" aria-label="Name of the commission" />
      </label>
    </header>
    <div class="question">
      <PictureChoice
        v-if="at === 0"
        v-slot="{ choice }"
        v-model="job"
        label="What is it"
        :choices="jobs"
        style="--least: 200px"
      >
        <JobPicture :job="choice.key" />
      </PictureChoice>
      <div v-else-if="at === 1" class="many">
        <ElInputNumber
          v-model="many"
          size="large"
          :min="1"
          :max="mostOf.copies"
          :precision="0"
          aria-label="How many of each"
        />
        <p class="soft">
          Painted alike, from the same puddles. It says how much paint is mixed and how many are in
          rotation at the bench.
        </p>
      </div>
      <PictureChoice
        v-else-if="at === 2"
        v-slot="{ choice }"
        v-model="size"
        label="How large"
        :choices="sizeChoices"
        style="--least: 104px"
      >
        <SizePicture :size="figureSizes[choice.key]!" />
      </PictureChoice>
      <PictureChoice
        v-else-if="at === 3"
        v-slot="{ choice }"
        v-model="tones"
        :label="questions[3]!"
        :choices="toneChoices"
        :several="several"
        style="--least: 104px"
      >
        <span class="strip">
          <LadderStrips
            :figures="[
              { id: choice.key, name: choice.name, many: 1, strip: strips.get(choice.key)! },
            ]"
          />
        </span>
      </PictureChoice>
      <BottleQuestion v-else v-model:set="set" v-model:own="own" :others="others" />
    </div>
    <footer class="foot">
      <ElButton v-if="at > 0" @click="at--">Back</ElButton>
      <ElButton v-if="!last" type="primary" @click="at++">Next</ElButton>
      <ElButton
        :type="last ? 'primary' : 'default'"
        :disabled="busy || (set[0] === 'own' && own.length === 0)"
        @click="whole"
      >
        {{ last ? 'Begin' : 'Skip the rest and begin' }}
      </ElButton>
      <ElButton text :disabled="busy" @click="empty">Begin with nothing in it</ElButton>
      <RouterLink to="/" class="leave">Leave it</RouterLink>
    </footer>
  </main>
</template>

<style scoped>
.view {
  min-height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 18px;
  padding: 16px 28px 6px;
}
h1 {
  font-size: 32px;
}
h1:focus {
  outline: none;
}
p {
  margin: 0;
}
.called {
  margin-left: auto;
  display: flex;
  gap: 8px;
  align-items: center;
}
.called > :deep(.el-input) {
  width: 240px;
}
.question {
  padding: 14px 28px 28px;
}
.many {
  display: grid;
  gap: 14px;
  justify-items: start;
  max-width: 52ch;
}
.strip {
  display: block;
  height: 128px;
}
.foot {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 12px 28px;
  background: var(--field-low);
}
.leave {
  color: inherit;
  margin-left: auto;
  padding: 11px 8px;
}
@media (max-width: 640px) {
  .head,
  .question,
  .foot {
    padding-left: 12px;
    padding-right: 12px;
  }
}
</style>
