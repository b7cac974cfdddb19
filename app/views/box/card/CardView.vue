<script setup lang="ts">
import { failureWords } from '../../../words/failure'
import { ElButton, ElInput, ElProgress } from 'element-plus'
import { ref, watch } from 'vue'
import { freeId, paintOfWell, recordOf, slugOf } from '../../../../core'
import type { WellReading } from '../../../../core'
import AmountField from '../../../parts/field/AmountField.vue'
import FileButton from '../../../parts/field/FileButton.vue'
import { PICTURES } from '../../../parts/field/fileKinds'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { saveFile } from '../../../parts/files/saveFile'
import ViewHead from '../../../parts/ViewHead.vue'
import { useProject } from '../../../stores/project/project'
import { threads } from '../../../workers/threads'
import { useAnswer } from '../../../workers/useAnswer'
import { useCardPicture } from '../../../stores/picture/pictures'
import CardCorners from './CardCorners.vue'
import type { Corner } from './CardCorners.vue'

/** A printed card for ten paints: print it, draw on it, photograph it, read all wells at once. */
const project = useProject()
const store = useCardPicture()
const corners = ref<Corner[]>([])
const trouble = ref('')
const said = ref('')
const names = ref<Record<number, string>>({})
const thicknessUm = ref(20)

async function print(): Promise<void> {
  const { makeCard } = await import('./makeCard')
  saveFile('swatch-card.pdf', new Uint8Array(await makeCard()), 'application/pdf')
}
const {
  answer: reading,
  trouble: misread,
  ask: read,
  forget,
} = useAnswer((at: Corner[]) => threads.box().card(store.picture!, at))
watch(
  () => store.picture,
  (picture) => {
    forget()
    if (!picture) return
    const { width, height } = picture
    corners.value = [
      { x: width * 0.1, y: height * 0.1 },
      { x: width * 0.9, y: height * 0.1 },
      { x: width * 0.9, y: height * 0.9 },
      { x: width * 0.1, y: height * 0.9 },
    ]
  },
  { immediate: true },
)
watch(corners, (at) => store.picture && read(at.map(({ x, y }) => ({ x, y }))))

function add(reading: WellReading): void {
  const { well } = reading
  const name = names.value[well]?.trim() || `well ${well + 1}`
  const taken = (one: string): boolean => project.paints.some((paint) => paint.id === one)
  const id = freeId(slugOf(name, `well-${well + 1}`), taken)
  try {
    const paint = paintOfWell(reading, thicknessUm.value, { id, name })
    project.addPaints([recordOf(paint)])
    said.value = `${name} is in the box, ${paint.opacity}.`
    trouble.value = ''
  } catch (error) {
    trouble.value = `Well ${well + 1} was not taken: ${failureWords(error)}`
  }
}
</script>

<template>
  <main>
    <ViewHead title="Swatch card">
      <RouterLink :to="{ name: 'Box' }" class="plain back">Back to the box</RouterLink>
    </ViewHead>
    <div class="body">
      <ol class="steps">
        <li><ElButton @click="print">Save the card (PDF)</ElButton> and print it at 100%.</li>
        <li>Draw each paint evenly across the black and the white half of a well. Let it dry.</li>
        <li>
          Photograph it whole in even daylight,
          <FileButton main :accept="PICTURES" @file="store.open($event)">
            Open the photograph…
          </FileButton>
        </li>
        <li>
          Drag the four corners to the crosses, the upper left to the end of the light grey step.
        </li>
      </ol>
      <p v-if="store.progress !== undefined" role="status">
        Opening… <ElProgress :percentage="Math.round(100 * store.progress)" aria-label="Opening" />
      </p>
      <p v-if="trouble || misread || store.trouble" role="alert">
        {{ trouble || misread || store.trouble }}
      </p>
      <p v-if="said" role="status">{{ said }}</p>
      <div v-if="store.picture" class="work">
        <CardCorners v-model="corners" :picture="store.picture" />
        <section v-if="reading" aria-label="Wells">
          <p v-for="warning in reading.warnings" :key="warning" class="warning">▲ {{ warning }}</p>
          <AmountField
            label="The film dries to about, µm"
            :min="2"
            :max="200"
            :model-value="thicknessUm"
            @update:model-value="thicknessUm = $event!"
          />
          <ul>
            <li v-for="well in reading.wells" :key="well.well">
              <span class="pair">
                <ColourPatch
                  :lab="well.overBlack"
                  class="half"
                  :label="`Well ${well.well + 1} over black`"
                />
                <ColourPatch
                  :lab="well.overWhite"
                  class="half"
                  :label="`Well ${well.well + 1} over white`"
                />
              </span>
              <ElInput
                v-model="names[well.well]"
                maxlength="80"
                :aria-label="`Name of well ${well.well + 1}`"
                :placeholder="`well ${well.well + 1}`"
              />
              <ElButton :aria-label="`Add well ${well.well + 1}`" @click="add(well)">
                Add
              </ElButton>
              <span v-if="well.troubles.length" class="flag">▲ {{ well.troubles.join(', ') }}</span>
            </li>
          </ul>
        </section>
      </div>
    </div>
  </main>
</template>

<style scoped>
.body {
  padding: 12px 24px 24px;
  display: grid;
  gap: 10px;
}
.back {
  color: inherit;
  text-decoration: none;
}
.steps {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}
p {
  margin: 0;
}
.work {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 24px;
}
ul {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.work li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.pair {
  display: flex;
}
.half {
  width: 44px;
  height: 40px;
}
.flag,
.warning {
  font-weight: 700;
  font-size: 0.875rem;
}
@media (max-width: 900px) {
  .work {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
