<script setup lang="ts">
import { ElOption, ElSelect } from 'element-plus'
import { computed } from 'vue'
import { longest, strengthKinds, USUAL_DROPS_PER_ML } from '../../../../core'
import type { Bottle, StrengthKind } from '../../../../core'
import TextField from '../../../parts/field/TextField.vue'
import AmountField from '../../../parts/field/AmountField.vue'
import { starterIds } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import FoldOut from '../../../parts/FoldOut.vue'

/** The bottle itself: how large, how full, how it drops, what it cost and where it lives. */
const props = defineProps<{ id: string }>()
const store = useProject()
const bottle = computed<Bottle>(() => store.project.bottles?.[props.id] ?? {})
const numbers = [
  { key: 'ml', name: 'Bottle, ml', least: 0.1, most: 5000 },
  { key: 'leftMl', name: 'Left, ml', least: 0, most: 5000 },
  { key: 'dropsPerMl', name: 'Drops per ml', least: 1, most: 200 },
  { key: 'price', name: 'Price', least: 0, most: 100000 },
] as const

/** How much pigment a bottle holds: a drop of an artists' phthalo colours like ten of a hobby one. */
const fillings: Readonly<Record<StrengthKind, string>> = {
  hobby: 'hobby paint',
  artists: 'artists’ acrylic, far stronger',
  translucent: 'translucent hobby paint',
  ink: 'ink, strong and clear',
}
</script>

<template>
  <FoldOut name="Bottle" :open="Object.keys(bottle).some((key) => key !== 'owned')">
    <div class="grid">
      <AmountField
        v-for="{ key, name, least, most } in numbers"
        :key="key"
        open
        :label="name"
        :min="least"
        :max="most"
        :placeholder="key === 'dropsPerMl' ? String(USUAL_DROPS_PER_ML) : ''"
        :model-value="bottle[key]"
        @update:model-value="store.setBottle(id, { [key]: $event })"
      />
      <label v-if="starterIds.has(id)" class="wide">
        Filled as
        <ElSelect
          :persistent="false"
          :model-value="bottle.strength ?? 'hobby'"
          aria-label="Filled as"
          @update:model-value="store.setBottle(id, { strength: $event })"
        >
          <ElOption
            v-for="kind in strengthKinds"
            :key="kind"
            :value="kind"
            :label="fillings[kind]"
          />
        </ElSelect>
      </label>
      <label class="wide">
        Lives in
        <TextField
          label="Lives in"
          :value="bottle.place ?? ''"
          :longest="longest.shortName"
          @write="(place, tag) => store.setBottle(id, { place: place || undefined }, tag)"
        />
      </label>
      <label class="wide">
        Notes
        <TextField
          label="Notes"
          :rows="2"
          :value="bottle.notes ?? ''"
          :longest="longest.note"
          @write="(notes, tag) => store.setBottle(id, { notes: notes || undefined }, tag)"
        />
      </label>
    </div>
    <p class="soft">
      To count your drops: drop into a syringe until it holds 1 ml, three times, and take the mean.
    </p>
  </FoldOut>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 8px;
}
.wide {
  grid-column: 1 / -1;
}
label {
  font-size: 0.875rem;
}
input,
textarea {
  display: block;
  width: 100%;
  min-height: 34px;
  background: var(--field-high);
  border: 1px solid var(--line);
  border-radius: 3px;
  padding: 2px 8px;
  font: inherit;
  font-size: 0.9375rem;
  color: inherit;
}
input::placeholder {
  color: var(--ink-soft);
}
p {
  margin: 6px 0 0;
  font-size: 0.875rem;
}
</style>
