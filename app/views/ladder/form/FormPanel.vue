<script setup lang="ts">
import { format } from 'd3'
import { ElButton, ElCheckbox, ElProgress } from 'element-plus'
import { computed, ref } from 'vue'
import { distances, forms, keyLimits, usual, usualKey } from '../../../../core'
import type { FormKey, SeenFrom } from '../../../../core'
import FileButton from '../../../parts/field/FileButton.vue'
import PickOne from '../../../parts/field/PickOne.vue'
import SliderRow from '../../../parts/field/SliderRow.vue'
import { useForm } from '../../../stores/form'
import { useProject } from '../../../stores/project/project'
import FormCanvas from '../../../parts/form/FormCanvas.vue'

/** The ladder on a form: turned, lit from elsewhere, in grey, from the distance it is judged at. */
const store = useProject()
const form = useForm()
const blended = ref(false)
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
/** Grouped by thousands; the browser's own takes 40 ms the first time. */
const withCommas = format(',')
const formNames = (Object.keys(forms) as FormKey[]).map((key) => ({
  key,
  name: forms[key].name,
}))
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
        <FormCanvas :blend="blended ? 1 : 0" :grey="grey" :turning="turning" :ridges="ridges" />
      </div>
    </div>
    <div class="tools">
      <PickOne
        label="Form"
        :options="formNames"
        :disabled="form.own !== undefined"
        :model-value="form.key"
        @update:model-value="store.setPlan({ form: $event })"
      >
        <template #default="{ option }">
          <img class="small" :src="`/forms/${option}.png`" alt="" />{{ forms[option].name }}
        </template>
      </PickOne>
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
        <ElCheckbox v-model="blended">edges blended</ElCheckbox>
        <ElCheckbox v-model="grey">values in grey</ElCheckbox>
        <ElCheckbox v-model="ridges">ridges picked out</ElCheckbox>
        <ElCheckbox v-model="afar">true size, {{ distances[seen].name }}</ElCheckbox>
      </div>
      <ElButton :aria-pressed="turning" @click="turning = !turning">
        {{ turning ? 'Stop turning' : 'Turn it' }}
      </ElButton>
      <div class="own">
        <h3>Your own sculpt</h3>
        <p class="soft">STL, OBJ or GLB up to 500,000 triangles; drop it here or choose it.</p>
        <FileButton accept=".stl,.obj,.glb" @file="form.load($event)">
          Choose a sculpt…
        </FileButton>
        <ElProgress
          v-if="form.progress !== undefined"
          :percentage="Math.round(100 * form.progress)"
          aria-label="Reading the sculpt"
        />
        <p v-if="form.trouble" role="alert">{{ form.trouble }}</p>
        <p v-if="form.own">
          {{ form.own.name }}, {{ withCommas(form.own.triangles.length / 3) }} triangles shown; kept
          in this browser.
          <ElButton @click="form.drop">Take it away</ElButton>
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 20px;
}
.small {
  width: 48px;
  height: 48px;
  margin-right: 10px;
  vertical-align: middle;
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
  font-size: 15px;
}
.own {
  display: grid;
  gap: 6px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.own p {
  margin: 0;
  font-size: 14px;
}
@media (max-width: 760px) {
  .panel {
    grid-template-columns: minmax(0, 1fr);
  }
  .stage {
    height: 420px;
  }
}
</style>
