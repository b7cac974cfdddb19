<script setup lang="ts">
import {
  coatKindKeys,
  coatKinds,
  EVERYWHERE,
  finishes,
  held,
  range,
  thinners,
  USUAL_FINISH,
} from '../../../core'
import type { FigureStack } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useCoats } from '../../stores/coats/coats'
import PlaceSlot from '../../parts/place/PlaceSlot.vue'
import MixSlot from '../../parts/palette/MixSlot.vue'

/** What one coat is made of and where it goes. */
type Coat = FigureStack['coats'][number]
defineProps<{ coat: Coat; at: number }>()
const emit = defineEmits<{ change: [made: Partial<Coat>] }>()
const coats = useCoats()
const change = (made: Partial<Coat>): void => emit('change', made)
const valueOf = (event: Event): string => (event.target as HTMLSelectElement).value
</script>

<template>
  <ColourPatch
    v-if="coats.layers"
    :lab="coats.layers.middle.flat[at + 1]!"
    class="well"
    :label="`After coat ${at + 1}`"
  />
  <select
    class="text-field kind"
    aria-label="Kind"
    :value="coat.kind"
    @change="change({ kind: valueOf($event) as Coat['kind'], thinner: undefined })"
  >
    <option v-for="kind in coatKindKeys" :key="kind" :value="kind">
      {{ coatKinds[kind].name }}
    </option>
  </select>
  <select
    v-if="!coatKinds[coat.kind].pigmented"
    class="text-field mix"
    aria-label="Finish"
    :value="coat.finish ?? USUAL_FINISH"
    @change="change({ finish: valueOf($event) as Coat['finish'] })"
  >
    <option v-for="finish in finishes" :key="finish" :value="finish">{{ finish }}</option>
  </select>
  <MixSlot
    v-else
    class="mix"
    :what="`coat ${at + 1}`"
    :of="coat.of"
    @put="change({ of: $event })"
  />
  <label>
    <input
      class="text-field number"
      type="number"
      :min="range.thinner[0]"
      :max="range.thinner[1]"
      step="0.5"
      aria-label="Parts of thinner to one of paint"
      :value="coat.thinner ?? coatKinds[coat.kind].thinner"
      @change="change({ thinner: held(Number(valueOf($event)), range.thinner) })"
    />
    : 1
    <select
      class="text-field"
      aria-label="Thinned with"
      :value="coat.thinnedWith ?? 'water'"
      @change="change({ thinnedWith: valueOf($event) as Coat['thinnedWith'] })"
    >
      <option v-for="thinner in thinners" :key="thinner" :value="thinner">{{ thinner }}</option>
    </select>
  </label>
  <label>
    ×
    <input
      class="text-field number"
      type="number"
      :min="range.passes[0]"
      :max="range.passes[1]"
      aria-label="Passes"
      :value="coat.passes ?? 1"
      @change="change({ passes: held(Math.round(Number(valueOf($event))), range.passes) })"
    />
  </label>
  <PlaceSlot
    class="where"
    :what="`coat ${at + 1}`"
    :place="coat.place ?? EVERYWHERE"
    :zones="coats.zones"
    @put="change({ place: $event as Coat['place'] })"
  />
</template>

<style scoped>
.well {
  flex: 0 0 30px;
  height: 32px;
}
.mix {
  flex: 1 1 70px;
  min-width: 0;
  max-width: 200px;
}
.kind {
  width: 104px;
}
.where {
  flex: 1 1 110px;
  max-width: 170px;
}
.number {
  width: 56px;
}
</style>
