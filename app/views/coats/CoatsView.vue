<script setup lang="ts">
import { computed, ref } from 'vue'
import { lightPlaces } from '../../../core'
import type { LightPlace } from '../../../core'
import { later } from '../../parts/later'
import PaletteWells from '../../parts/palette/PaletteWells.vue'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import { useCoats } from '../../stores/coats/coats'
import CoatAnswers from './CoatAnswers.vue'
import CoatList from './CoatList.vue'
import FilmFactors from './FilmFactors.vue'
import MethodList from './MethodList.vue'
import MissingBottles from './MissingBottles.vue'
import StrataPicture from './StrataPicture.vue'

/** What draws the form is large; the rest of the room need not wait for it. */
const FormCanvas = later(() => import('../../parts/form/FormCanvas.vue'))

/** The stack from undercoat to last glaze: what thin paint does over what is there. */
const coats = useCoats()
const where = ref<LightPlace>('middle')
const chosen = ref(0)
const ends = computed(() =>
  coats.layers ? lightPlaces.map((place) => coats.layers![place].flat.at(-1)!) : undefined,
)
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
      <MissingBottles
        :missing="coats.missing"
        what="This stack"
        @stand-in="coats.standIn($event)"
      />
      <StrataPicture v-if="coats.layers" v-model="where" :chosen="chosen" />
      <CoatList v-model="chosen" />
      <FilmFactors />
      <CoatAnswers v-if="coats.layers" :chosen="chosen" :where="where" />
      <template #side>
        <div class="form"><FormCanvas :labs="ends" /></div>
        <MethodList />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.form {
  height: 230px;
}
</style>
