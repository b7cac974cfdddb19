<script setup lang="ts">
import { format } from 'd3'
import { computed, ref } from 'vue'
import { distances, forms, keyLimits, usual, usualKey } from '../../../../core'
import type { FormKey, SeenFrom } from '../../../../core'
import SliderRow from '../../../parts/SliderRow.vue'
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
function pick(event: Event): void {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (file) void form.load(file)
}
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
      <label>
        Form
        <select
          class="text-field wide"
          :value="form.key"
          :disabled="form.own !== undefined"
          @change="store.setPlan({ form: ($event.target as HTMLSelectElement).value as FormKey })"
        >
          <option v-for="(one, name) in forms" :key="name" :value="name">{{ one.name }}</option>
        </select>
      </label>
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
      <label class="check"><input v-model="blended" type="checkbox" /> edges blended</label>
      <label class="check"><input v-model="grey" type="checkbox" /> values in grey</label>
      <label class="check"><input v-model="ridges" type="checkbox" /> ridges picked out</label>
      <label class="check">
        <input v-model="afar" type="checkbox" /> true size, {{ distances[seen].name }}
      </label>
      <button type="button" class="plain" :aria-pressed="turning" @click="turning = !turning">
        {{ turning ? 'Stop turning' : 'Turn it' }}
      </button>
      <div class="own">
        <h3>Your own sculpt</h3>
        <p class="soft">STL, OBJ or GLB up to 500,000 triangles; drop it here or choose it.</p>
        <label class="file plain">
          Choose a sculpt…
          <input
            type="file"
            class="unseen"
            aria-label="Sculpt file"
            accept=".stl,.obj,.glb"
            @change="pick"
          />
        </label>
        <progress
          v-if="form.progress !== undefined"
          :value="form.progress"
          max="1"
          aria-label="Reading the sculpt"
        />
        <p v-if="form.trouble" role="alert">{{ form.trouble }}</p>
        <p v-if="form.own">
          {{ form.own.name }}, {{ withCommas(form.own.triangles.length / 3) }} triangles shown; kept
          in this browser.
          <button type="button" class="plain" @click="form.drop">Take it away</button>
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
.stage {
  height: 600px;
  max-height: 80vh;
  display: grid;
  place-items: center;
}
.view {
  width: 100%;
  max-width: 500px;
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
.file {
  justify-self: start;
  cursor: pointer;
}
.file:focus-within {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
input {
  accent-color: var(--ink);
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
