<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { predictMix } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import PickPaint from '../../../parts/field/PickPaint.vue'
import SideLayout from '../../../parts/SideLayout.vue'
import InTurn from '../../../parts/inTurn'
import ViewHead from '../../../parts/ViewHead.vue'
import { paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import DrawdownCard from '../../../parts/drawdown/DrawdownCard.vue'
import AboutFields from './AboutFields.vue'
import DoubtSteps from './DoubtSteps.vue'
import FinishScale from './FinishScale.vue'
import OpacityScale from './OpacityScale.vue'
import ReaderPanel from './ReaderPanel.vue'
import ReadingSlot from './ReadingSlot.vue'
import ShelfList from './ShelfList.vue'
import TintScale from './TintScale.vue'
import { useReader } from '../../../stores/reader'
import { useNewPaint } from './useNewPaint'
import type { ToldBy } from './solveJob'

/** A bottle of one's own, in a minute by eye, or as well as one likes by measuring. */
const router = useRouter()
const store = useProject()
const reader = useReader()
const {
  way,
  about,
  opacity,
  tintStep,
  finish,
  byEye,
  film,
  tint,
  readings,
  paint,
  trouble,
  add,
  neatLab,
} = useNewPaint()
const under = ref('yellow-ochre')
const ways: { key: ToldBy; name: string; hint: string }[] = [
  {
    key: 'eye',
    name: 'By its colour',
    hint: 'Name the pigments if the label does, tell the colour of an opaque patch, how opaque one coat is, and how it looks in white. A minute, and each answer makes it surer.',
  },
  {
    key: 'films',
    name: 'Over black and white',
    hint: 'Draw one even film over a black and white card and read it over both. Good for translucent paints.',
  },
  {
    key: 'tint',
    name: 'Neat and a tint',
    hint: 'Paint it neat until nothing shows through, and once mixed with a white you know. The surest way for most paints.',
  },
  {
    key: 'list',
    name: 'A whole shelf',
    hint: 'Paste a list or open a CSV file: name, colour, opacity and pigments, one bottle a line.',
  },
]
const hint = computed(() => ways.find(({ key }) => key === way.value)!.hint)
const whites = computed(() =>
  store.paints.filter(
    ({ pigments }) => pigments.every((name) => name.startsWith('PW')) && pigments.length > 0,
  ),
)
const within = computed(() =>
  paint.value
    ? predictMix([
        { paint: paint.value, drops: 1 },
        { paint: paintOf('titanium-white'), drops: 3 },
      ]).within
    : 0,
)
async function put(): Promise<void> {
  if (add()) await router.push({ name: 'Box' })
}
</script>

<template>
  <main>
    <ViewHead title="Add a paint">
      <RouterLink :to="{ name: 'Box' }" class="plain back">Back to the box</RouterLink>
    </ViewHead>
    <SideLayout>
      <form class="form" novalidate @submit.prevent="put">
        <InTurn>
          <AboutFields v-if="way !== 'list'" v-model="about" />
          <div class="ways" role="radiogroup" aria-label="How it is told">
            <ElButton
              v-for="{ key, name } in ways"
              :key="key"
              role="radio"
              :aria-checked="way === key"
              @click="way = key"
            >
              {{ name }}
            </ElButton>
          </div>
          <p class="soft">{{ hint }}</p>
          <InTurn v-if="way === 'eye'">
            <ReadingSlot
              v-model="readings.neat"
              name="Opaque patch"
              :sample="{ kind: 'masstone', paint: under }"
            />
            <FinishScale v-model="finish" />
            <OpacityScale v-model="opacity" :lab="neatLab" />
            <TintScale v-if="byEye.tints.length" v-model="tintStep" :tints="byEye.tints" />
          </InTurn>
          <ShelfList v-else-if="way === 'list'" />
          <div v-else-if="way === 'films'" class="slots">
            <ReadingSlot
              v-for="over in ['black', 'white'] as const"
              :key="over"
              v-model="readings[over]"
              :name="`Film over ${over}`"
              :sample="{ kind: 'film', paint: under, thicknessUm: film.thicknessUm, over }"
            />
            <div>
              <AmountField
                label="Dry thickness, µm"
                :min="1"
                :max="300"
                :model-value="film.thicknessUm"
                @update:model-value="film.thicknessUm = $event!"
              />
              <span class="soft"
                >one brush coat is about 20, thinned 1:1 about 10; the card’s black reads 2%, its
                white 85%</span
              >
            </div>
          </div>
          <div v-else-if="way === 'tint'" class="slots">
            <ReadingSlot
              v-model="readings.neat"
              name="Neat"
              :sample="{ kind: 'masstone', paint: under }"
            />
            <ReadingSlot
              v-model="readings.tint"
              name="Tint"
              :sample="{
                kind: 'tint',
                paint: under,
                white: tint.white,
                share: 1 / (1 + tint.whiteParts),
              }"
            />
            <PickPaint
              label="White"
              :paints="whites"
              :model-value="tint.white"
              @update:model-value="tint.white = $event!"
            />
            <AmountField
              label="Parts of white to one of paint"
              :min="1"
              :max="100"
              :model-value="tint.whiteParts"
              @update:model-value="tint.whiteParts = $event!"
            />
          </div>
          <p v-if="trouble && way !== 'list'" role="alert">
            This does not fit together: {{ trouble }}.
          </p>
          <div v-if="way !== 'list'" class="result">
            <DrawdownCard v-if="paint" :paint="paint" class="card" />
            <div v-if="paint">
              <p role="status">
                {{ paint.opacity }}; a 1:3 tint of it will be within {{ within.toFixed(1) }} ΔE00
                two times in three.
              </p>
              <DoubtSteps v-if="byEye.doubts.length" :doubts="byEye.doubts" />
            </div>
            <p v-else class="soft">The drawdown appears here once it is read.</p>
            <ElButton native-type="submit" type="primary" :disabled="!paint"
              >Put it in the box</ElButton
            >
          </div>
        </InTurn>
      </form>
      <template v-if="reader.offered" #side><ReaderPanel v-model="under" /></template>
    </SideLayout>
  </main>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  align-content: start;
}
.back {
  color: inherit;
  text-decoration: none;
}
.slots {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px 18px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
}
[role='radio'][aria-checked='true'] {
  background: var(--ink);
  color: var(--field-high);
}
p {
  margin: 0;
}
.result {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 18px;
  align-items: center;
}
.card {
  width: 260px;
  height: 84px;
}
</style>
