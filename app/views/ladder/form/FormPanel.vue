<script setup lang="ts">
import { ElButton, ElCheckbox, ElRadioButton, ElRadioGroup } from 'element-plus'
import { computed, ref } from 'vue'
import { distances, keyLimits, usual, usualKey } from '../../../../core'
import type { SeenFrom } from '../../../../core'
import SliderRow from '../../../parts/field/SliderRow.vue'
import { useSoFar } from '../../../stores/accents/soFar'
import { useForm } from '../../../stores/form'
import { useProject } from '../../../stores/project/project'
import FormChoice from '../../../parts/form/FormChoice.vue'
import FormCanvas from '../../../parts/form/FormCanvas.vue'
import { brushEdges } from '../../../parts/form/formPaint'
import type { BrushEdge } from '../../../parts/form/formPaint'
import KeptPhoto from '../../../parts/picture/KeptPhoto.vue'
import KeepTurn from './KeepTurn.vue'
import OwnSculpt from './OwnSculpt.vue'

/** The ladder on a form: turned, lit from elsewhere, in grey, from the distance it is judged at. */
const store = useProject()
const form = useForm()
const edges = ref<BrushEdge>('painted')
/** So far the figure is painted; all of it until another stage is asked for. */
const upTo = ref<number>()
const soFar = useSoFar()
const last = computed(() => soFar.stages.value.length - 1)
const at = computed(() => Math.min(upTo.value ?? last.value, last.value))
const stage = computed(() => soFar.stages.value[at.value]!)
const labs = computed(() => soFar.labsAt(stage.value))
const grey = ref(false)
const ridges = ref(false)
const turning = ref(false)
const afar = ref(false)
const key = computed(() => store.plan.key ?? usualKey)

/** A CSS pixel is 1/96 inch and is looked at from about 60 cm. */
const PIXELS_PER_MM = 96 / 25.4
const SCREEN_CM = 60
/** The eye tells one minute of arc. */
const ARC_MINUTE = Math.PI / 180 / 60
const seen = computed<SeenFrom>(() => store.plan.seenFrom ?? usual.seenFrom)
const trueHeight = computed(
  () => (store.figure.size.heightMm * PIXELS_PER_MM * SCREEN_CM) / distances[seen.value].cm,
)
const blur = computed(() => SCREEN_CM * 10 * ARC_MINUTE * PIXELS_PER_MM * 0.5)
const edgeNames = (Object.keys(brushEdges) as BrushEdge[]).map((key) => ({
  key,
  name: brushEdges[key].name,
}))
const canvas = ref<InstanceType<typeof FormCanvas>>()
function dropped(event: DragEvent): void {
  const file = event.dataTransfer?.files[0]
  if (file) void form.load(file)
}
</script>

<template>
  <section class="panel" aria-label="Form" @dragover.prevent @drop.prevent="dropped">
    <div class="stage">
      <div
        class="view"
        :style="afar ? { height: `${trueHeight}px`, filter: `blur(${blur}px)` } : {}"
        :class="{ afar }"
      >
        <FormCanvas
          ref="canvas"
          :edges="edges"
          :grey="grey"
          :turning="turning"
          :ridges="ridges"
          :labs="labs"
          :life="stage.life"
          :second="at === last ? soFar.second.value : undefined"
        />
      </div>
    </div>
    <div class="tools">
      <KeptPhoto
        :photo="store.figure.picture?.photo"
        :alt="`What ${store.figure.name} is painted after`"
        class="after"
      />
      <SliderRow
        name="Painted so far"
        :words="at === last ? 'finished' : stage.name"
        :max="last"
        :step="1"
        :model-value="at"
        @update:model-value="upTo = $event === last ? undefined : $event"
      />
      <FormChoice
        :disabled="form.own !== undefined"
        :model-value="form.key"
        @update:model-value="store.setPlan({ form: $event })"
      />
      <SliderRow
        name="Light from"
        :words="
          Math.abs(key.azimuth) < 8
            ? 'the front'
            : `${Math.abs(key.azimuth)}° ${key.azimuth < 0 ? 'left' : 'right'}`
        "
        :min="keyLimits.azimuth[0]"
        :max="keyLimits.azimuth[1]"
        :step="5"
        :model-value="key.azimuth"
        @update:model-value="store.setPlan({ key: { ...key, azimuth: $event } })"
      />
      <SliderRow
        name="Light height"
        :words="`${key.elevation}°`"
        :min="keyLimits.elevation[0]"
        :max="keyLimits.elevation[1]"
        :step="5"
        :model-value="key.elevation"
        @update:model-value="store.setPlan({ key: { ...key, elevation: $event } })"
      />
      <div>
        <span aria-hidden="true">Edges</span>
        <ElRadioGroup v-model="edges" aria-label="Edges">
          <ElRadioButton v-for="edge in edgeNames" :key="edge.key" :value="edge.key">
            {{ edge.name }}
          </ElRadioButton>
        </ElRadioGroup>
      </div>
      <div>
        <ElCheckbox v-model="grey">values in grey</ElCheckbox>
        <ElCheckbox v-model="ridges">ridges picked out</ElCheckbox>
        <ElCheckbox v-model="afar">true size, {{ distances[seen].name }}</ElCheckbox>
      </div>
      <span class="buttons">
        <ElButton :aria-pressed="turning" @click="turning = !turning">
          {{ turning ? 'Stop turning' : 'Turn it' }}
        </ElButton>
        <KeepTurn :canvas="canvas" @begin="turning = false" />
      </span>
      <OwnSculpt />
    </div>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 20px;
}
.stage {
  height: max(420px, min(700px, 100vh - 190px));
  display: grid;
  place-items: center;
}
.view {
  width: 100%;
  max-width: 700px;
  height: 100%;
}
.afar {
  aspect-ratio: 5 / 6;
  width: auto;
}
.tools {
  display: grid;
  gap: 8px;
  align-content: start;
  font-size: 0.9375rem;
}
.after {
  max-height: 130px;
  justify-self: start;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.buttons .el-button + .el-button {
  margin-left: 0;
}
@media (max-width: 760px) {
  .panel {
    grid-template-columns: minmax(0, 1fr);
  }
  .stage {
    height: 420px;
  }
  /* A knob at its end is met from beside it. */
  .tools {
    padding-right: 10px;
  }
}
</style>
