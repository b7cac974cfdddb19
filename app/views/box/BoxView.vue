<script setup lang="ts">
import { computed } from 'vue'
import { starterPaints } from '../../../core'
import ViewHead from '../../parts/ViewHead.vue'
import { useProject } from '../../stores/project'
import DrawdownStrip from './DrawdownStrip.vue'

/** Every paint as a drawdown strip; what is in takes part in every plan. */
const store = useProject()
const outside = computed(() => starterPaints.filter(({ id }) => store.project.out.includes(id)))
</script>

<template>
  <main>
    <ViewHead
      title="Box"
      :note="`${store.paintsIn.length} of ${starterPaints.length} paints in the plan`"
    />
    <div class="box">
      <p class="key soft">
        Each strip: a thick film above, a thin one below, over white on the left and black in the
        middle; on the right one part to nine of titanium white. Curves are modelled from memory of
        the pigments, not measured from a bottle.
      </p>
      <section aria-labelledby="in">
        <h2 id="in">In the plan</h2>
        <p v-if="store.paintsIn.length === 0">
          Nothing is in the plan, so nothing can be mixed. Tick a paint below.
        </p>
        <ul>
          <DrawdownStrip v-for="paint in store.paintsIn" :key="paint.id" :paint="paint" />
        </ul>
      </section>
      <section v-if="outside.length" aria-labelledby="out">
        <h2 id="out">Standing by</h2>
        <ul>
          <DrawdownStrip v-for="paint in outside" :key="paint.id" :paint="paint" />
        </ul>
      </section>
    </div>
  </main>
</template>

<style scoped>
.box {
  padding: 12px 24px 32px;
  display: grid;
  gap: 16px;
}
.key {
  margin: 0;
  max-width: 90ch;
  font-size: 15px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(212px, 1fr));
  gap: 18px;
  padding: 0;
  margin: 8px 0 0;
}
@media (max-width: 640px) {
  .box {
    padding: 8px 12px 24px;
  }
}
</style>
