<script setup lang="ts">
import {
  coatKindKeys,
  coatKinds,
  EVERYWHERE,
  finishes,
  range,
  thinners,
  USUAL_FINISH,
} from '../../../core'
import type { CoatKind, FigureStack } from '../../../core'
import AmountField from '../../parts/field/AmountField.vue'
import { asOptions } from '../../parts/field/options'
import PickOne from '../../parts/field/PickOne.vue'
import EndLook from './EndLook.vue'
import { useCoats } from '../../stores/coats/coats'
import PlaceSlot from '../../parts/place/PlaceSlot.vue'
import MixSlot from '../../parts/palette/MixSlot.vue'

/** What one coat is made of and where it goes. */
type Coat = FigureStack['coats'][number]
defineProps<{ coat: Coat; at: number }>()
const emit = defineEmits<{ change: [made: Partial<Coat>] }>()
const coats = useCoats()
/** Thinned as that kind usually is. */
const ofKind = (kind: CoatKind): Partial<Coat> => ({ kind, thinner: undefined })
const change = (made: Partial<Coat>): void => emit('change', made)
</script>

<template>
  <PickOne
    class="kind"
    label="Kind"
    bare
    :options="coatKindKeys.map((key) => ({ key, name: coatKinds[key].name }))"
    :model-value="coat.kind"
    @update:model-value="change(ofKind($event))"
  >
    <template #default="{ option }">
      <EndLook :made="{ coats: coats.plan.coats.with(at, { ...coat, ...ofKind(option) }) }" />
      {{ coatKinds[option].name }}
    </template>
  </PickOne>
  <PickOne
    v-if="!coatKinds[coat.kind].pigmented"
    class="mix"
    label="Finish"
    bare
    :options="asOptions(finishes)"
    :model-value="coat.finish ?? USUAL_FINISH"
    @update:model-value="change({ finish: $event })"
  />
  <MixSlot
    v-else
    class="mix"
    :what="`coat ${at + 1}`"
    :of="coat.of"
    @put="change({ of: $event })"
  />
  <span class="thinned">
    <AmountField
      class="number"
      label="Parts of thinner to one of paint"
      bare
      :min="range.thinner[0]"
      :max="range.thinner[1]"
      :step="0.5"
      :model-value="coat.thinner ?? coatKinds[coat.kind].thinner"
      @update:model-value="change({ thinner: $event })"
    />
    : 1
    <PickOne
      class="with"
      label="Thinned with"
      bare
      :options="asOptions(thinners)"
      :model-value="coat.thinnedWith ?? 'water'"
      @update:model-value="change({ thinnedWith: $event })"
    />
  </span>
  <span class="thinned">
    ×
    <AmountField
      class="number"
      label="Passes"
      bare
      whole
      :min="range.passes[0]"
      :max="range.passes[1]"
      :model-value="coat.passes ?? 1"
      @update:model-value="change({ passes: $event })"
    />
  </span>
  <PlaceSlot
    :what="`coat ${at + 1}`"
    :place="coat.place ?? EVERYWHERE"
    :zones="coats.zones"
    @put="change({ place: $event as Coat['place'] })"
  />
</template>

<style scoped>
.mix {
  flex: 1 1 130px;
  min-width: 120px;
  max-width: 200px;
}
.kind {
  width: 118px;
}
.thinned {
  display: flex;
  align-items: center;
  gap: 4px;
}
.number {
  width: 58px;
}
.number :deep(.el-input-number) {
  min-width: 0;
}
.with {
  width: 100px;
}
</style>
