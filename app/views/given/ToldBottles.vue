<script setup lang="ts">
import { labOfTold } from '../../../core'
import type { LikeBottle, ToldBottle } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import PickOne from '../../parts/field/PickOne.vue'
import { ALONG } from './useGiven'

/** Bottles of the sender's own: for each what stands for it here. */
const props = defineProps<{
  bottles: readonly ToldBottle[]
  /** Bottles of one's own by how like they are. */
  like: ReadonlyMap<string, readonly LikeBottle[]>
  nameThere: (id: string) => string
  standsFor: (id: string) => string
}>()
defineEmits<{ choose: [id: string, paint: string] }>()

const offered = (id: string) => [
  { key: ALONG, name: 'bring it along, as it was told' },
  ...(props.like.get(id) ?? []).map((one) => ({
    key: one.id,
    name: props.nameThere(one.id),
    note: `${one.off.toFixed(1)} away`,
  })),
]
</script>

<template>
  <section aria-label="Bottles of the sender’s own">
    <h2>Bottles that only the sender has</h2>
    <ul class="told">
      <li v-for="one in bottles" :key="one.id">
        <ColourPatch :lab="labOfTold(one.lab)" class="patch" />
        <span class="name">
          {{ one.name }} <span class="soft">{{ one.pigments.join(', ') }}</span>
        </span>
        <PickOne
          :label="`In the place of ${one.name}`"
          shown="in its place"
          :options="offered(one.id)"
          :model-value="standsFor(one.id)"
          @update:model-value="$emit('choose', one.id, $event)"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.125rem;
}
.told {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  display: grid;
  gap: 8px;
}
.told li {
  display: grid;
  grid-template-columns: 56px minmax(0, 1fr) minmax(0, 300px);
  gap: 12px;
  align-items: center;
}
.patch {
  height: 44px;
}
.name {
  overflow-wrap: anywhere;
}
@media (max-width: 640px) {
  .told li {
    grid-template-columns: 44px minmax(0, 1fr);
  }
  .told li > :last-child {
    grid-column: 1 / -1;
  }
}
</style>
