<script setup lang="ts">
import { computed } from 'vue'
import type { Lab } from '../../../../core'
import { later } from '../../../parts/later'
import { useFormSubject } from '../../../parts/form/formSubject'
import PlacePicture from '../../../parts/place/PlacePicture.vue'
import type { BenchWhere } from '../../../stores/bench/where'
import type { FigurePalette } from '../../../stores/palette/figurePalette'

/** Where it goes on this figure: the place lit in the mix's own colour, over what is painted so far. */
const props = defineProps<{
  where: BenchWhere
  palette: FigurePalette
  lit: Lab | undefined
  words: string
}>()
/** What draws the form is large. */
const FormCanvas = later(() => import('../../../parts/form/FormCanvas.vue'))
const subject = useFormSubject(() => props.palette.paint.figure)
const kind = computed(() => props.palette.paint.figure.tone.kind)
</script>

<template>
  <figure>
    <div class="picture">
      <FormCanvas
        v-if="where.onForm && subject"
        :of="subject"
        :place="where.place"
        :lit="lit"
        :painted="where.painted"
        :zones="where.zones"
      />
      <PlacePicture v-else :place="where.place" :kind="kind" :label="`Where: ${words}`" />
    </div>
    <figcaption>{{ words }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  height: 100%;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
}
.picture {
  min-height: 0;
}
figcaption {
  padding: 6px 16px 10px;
  font-size: 1.375rem;
}
@media (max-width: 640px) {
  figcaption {
    padding: 2px 12px 4px;
    font-size: 1.125rem;
  }
}
</style>
