<script setup lang="ts">
import { computed, ref } from 'vue'
import { coatKinds, zonesNamed } from '../../../core'
import type { LightPlace } from '../../../core'
import { later } from '../../parts/later'
import MissingBottles from '../../parts/MissingBottles.vue'
import PaletteWells from '../../parts/palette/PaletteWells.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import SliderRow from '../../parts/field/SliderRow.vue'
import { useSoFar } from '../../stores/accents/soFar'
import { useCoats } from '../../stores/coats/coats'
import { usePaintedForm } from '../../stores/coats/paintedForm'
import CoatAnswers from './CoatAnswers.vue'
import CoatList from './CoatList.vue'
import FilmFactors from './FilmFactors.vue'
import MethodList from './MethodList.vue'
import StrataPicture from './StrataPicture.vue'

/** What draws the form is large; the rest of the room need not wait for it. */
const FormCanvas = later(() => import('../../parts/form/FormCanvas.vue'))

/** The stack from undercoat to last glaze: what thin paint does over what is there. */
const coats = useCoats()
const where = ref<LightPlace>('middle')
const chosen = ref(0)
/** So far the form is painted; all of it until another coat is asked for. */
const upTo = ref<number>()
const all = computed(() => coats.stack.coats.length)
const after = computed(() => Math.min(upTo.value ?? all.value, all.value))
const painted = usePaintedForm(() => after.value)
const soFar = useSoFar()
/** Places of life that coats are kept to or from. */
const zones = computed(() => [
  ...new Set(coats.stack.coats.flatMap(({ place }) => zonesNamed(place))),
])
const afterWords = computed(() => {
  if (after.value === all.value) return 'finished'
  if (after.value === 0) return 'the bare undercoat'
  return `coat ${after.value} of ${all.value}, ${coatKinds[coats.stack.coats[after.value - 1]!.kind].name}`
})
</script>

<template>
  <main class="view">
    <FigureHead room="coats" />
    <SideLayout :side="300">
      <FigureRail />
      <PaletteWells />
      <p v-if="coats.trouble" role="alert">
        The stack cannot be shown: {{ coats.trouble }}. Choose another mix, or put the paint back.
      </p>
      <MissingBottles />
      <StrataPicture v-if="coats.layers" v-model="where" :chosen="chosen" />
      <CoatList v-model="chosen" />
      <FilmFactors />
      <CoatAnswers v-if="coats.layers" :chosen="chosen" :where="where" />
      <template #side>
        <div class="form">
          <FormCanvas
            v-if="coats.layers"
            :painted="painted"
            :zones="zones"
            :life="after === all ? soFar.stages.value.at(-1)!.life : []"
          />
        </div>
        <SliderRow
          name="Painted so far"
          :words="afterWords"
          :max="all"
          :step="1"
          :model-value="after"
          @update:model-value="upTo = $event === all ? undefined : $event"
        />
        <MethodList />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.form {
  height: 280px;
}
</style>
