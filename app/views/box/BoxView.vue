<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import OwnedOnly from '../../parts/OwnedOnly.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useProject } from '../../stores/project/project'
import BoxFiles from './BoxFiles.vue'
import PaintDetail from './detail/PaintDetail.vue'
import BoxFilters from './list/BoxFilters.vue'
import BoxGrid from './list/BoxGrid.vue'
import { useBoxList } from './list/useBoxList'
import InTurn from '../../parts/inTurn'

/** Every paint as a drawdown strip; what is in takes part in every plan. */
const store = useProject()
const { filter, shown } = useBoxList()
const route = useRoute()
const chosenId = ref('')
// A paint may be asked for by the address.
watch(
  () => route.query.paint,
  (paint) => typeof paint === 'string' && (chosenId.value = paint),
  { immediate: true },
)
/** While arrows run through the strips, only the one they rest on is opened. */
const restingId = refDebounced(chosenId, 120)
const chosen = computed(() => store.paints.find(({ id }) => id === restingId.value))
</script>

<template>
  <main class="view">
    <ViewHead
      title="Box"
      :note="`${store.inCommission.length} of ${store.paints.length} paints in use${store.project.ownedOnly ? ', only owned ones' : ''}`"
    >
      <RouterLink :to="{ name: 'Swatch card' }" class="plain way">Swatch card</RouterLink>
      <RouterLink :to="{ name: 'Add a paint' }" class="plain way">Add a paint</RouterLink>
    </ViewHead>
    <div class="body">
      <div class="main">
        <InTurn
          ><BoxFilters v-model="filter" />
          <p class="key soft">
            {{ shown.length === store.paints.length ? '' : `${shown.length} shown. ` }}Thick film
            above, thin below, over white and black; right, one part to nine of titanium white.
          </p>
          <p v-if="shown.length === 0">No bottle is like that. Loosen a filter.</p>
          <BoxGrid :paints="shown" :chosen="chosenId" @choose="chosenId = $event" />
        </InTurn>
      </div>
      <aside class="side">
        <PaintDetail v-if="chosen" :key="chosen.id" :paint="chosen" @gone="chosenId = ''" />
        <InTurn v-else>
          <h2>Your box</h2>
          <p class="soft">
            Starter paints are modelled from memory of their pigments, not measured from a bottle;
            your own can be measured. Choose a strip to see what it is like, what is left of it and
            how to handle it.
          </p>
          <OwnedOnly />
          <BoxFiles />
        </InTurn>
      </aside>
    </div>
  </main>
</template>

<style scoped>
.view {
  height: 100%;
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  grid-template-columns: minmax(0, 1fr);
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  min-height: 0;
}
.main {
  min-height: 0;
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr);
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  padding: 12px 24px 0;
}
.side {
  overflow-y: auto;
  padding: 14px 16px;
  background: var(--field-low);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}
.side > p,
.key {
  margin: 0;
  font-size: 0.9375rem;
}
.key {
  font-size: 0.875rem;
}
.way {
  color: inherit;
  text-decoration: none;
}
@media (max-width: 1000px) {
  .view {
    height: auto;
    min-height: 100%;
  }
  .body {
    grid-template-columns: minmax(0, 1fr);
  }
  .main {
    height: 70vh;
  }
}
@media (max-width: 640px) {
  .main {
    padding: 8px 12px 0;
    height: 86vh;
  }
}
</style>
