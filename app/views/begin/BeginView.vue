<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton, ElInput } from 'element-plus'
import { computed, nextTick, onMounted, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { longest } from '../../../core'
import TroubleNote from '../../parts/TroubleNote.vue'
import { useShelf } from '../../stores/shelf/shelf'
import { kinds } from './answers'
import BottleQuestion from './BottleQuestion.vue'
import JobPicture from './JobPicture.vue'
import LineQuestion from './LineQuestion.vue'
import PictureChoice from '../../parts/field/PictureChoice.vue'
import { useAnswers } from './useAnswers'

/** A few plain questions, each asked in pictures, to a commission with a ladder; nothing is chosen that was not said. */
const shelf = useShelf()
const router = useRouter()
onMounted(() => void shelf.refresh())
const { name, chosen, lines, set, own, pages, wants, made } = useAnswers()

const at = ref(0)
const page = computed(() => pages.value[at.value] ?? 'kinds')
const line = computed(() => kinds.find(({ key }) => key === page.value))
const question = computed(() => {
  if (page.value === 'kinds') return 'What will you paint?'
  return page.value === 'bottles' ? 'Which bottles?' : line.value!.name
})
/** The next question is where the keys are. */
const heading = ref<HTMLElement>()
watch(at, async () => {
  await nextTick()
  heading.value?.focus()
})
const last = computed(() => at.value === pages.value.length - 1)
const wanted = computed(() => wants(page.value))
const others = computed(() => shelf.onShelf.filter(({ broken }) => !broken).slice(0, 6))

const busy = ref(false)
const trouble = shallowRef('')
async function begin(make: () => Promise<string>, room: string): Promise<void> {
  busy.value = true
  trouble.value = ''
  try {
    await router.push({ name: room, params: { commission: await make() } })
  } catch (error) {
    trouble.value = `It could not be begun: ${failureWords(error)}`
  }
  busy.value = false
}
const whole = (): Promise<void> =>
  begin(async () => shelf.add(await made(shelf.projectOf)), 'Ladder')
const empty = (): Promise<void> =>
  begin(() => shelf.addEmpty(name.value.trim() || 'New commission'), 'Figures')
const go = (): void => (last.value ? void whole() : void at.value++)
</script>

<template>
  <main class="view">
    <TroubleNote v-if="trouble" :text="trouble" @close="trouble = ''" />
    <header class="head">
      <h1 ref="heading" tabindex="-1">{{ question }}</h1>
      <p v-if="page === 'kinds'" class="soft">one kind or several, each with its own size</p>
      <p v-else class="soft">{{ at + 1 }} of {{ pages.length }}</p>
      <label class="called">
        Commission
        <ElInput v-model="name" :maxlength="longest.name" aria-label="Name of the commission" />
      </label>
    </header>
    <div class="question">
      <PictureChoice
        v-if="page === 'kinds'"
        v-slot="{ choice }"
        v-model="chosen"
        label="What will you paint"
        :choices="kinds"
        several
        style="--least: 200px"
      >
        <JobPicture :kind="choice.key" />
      </PictureChoice>
      <BottleQuestion
        v-else-if="page === 'bottles'"
        v-model:set="set"
        v-model:own="own"
        :others="others"
      />
      <LineQuestion v-else :key="page" v-model="lines[page]" :kind="page" />
    </div>
    <footer class="foot">
      <ElButton v-if="at > 0" @click="at--">Back</ElButton>
      <ElButton type="primary" :disabled="busy || wanted !== ''" @click="go">
        {{ last ? 'Begin' : 'Next' }}
      </ElButton>
      <span v-if="wanted" role="status" class="soft">{{ wanted }}</span>
      <ElButton text class="without" :disabled="busy" @click="empty">
        Begin without figures
      </ElButton>
      <RouterLink to="/" class="leave">Back to the shelf</RouterLink>
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
  font-size: 2rem;
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
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}
.called > :deep(.el-input) {
  width: 240px;
}
.question {
  padding: 14px 28px 28px;
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
.without {
  margin-left: auto;
}
.leave {
  color: inherit;
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
