<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { paintColours } from '../../../parts/paintColours'
import { useProject } from '../../../stores/project'

/** The wells of the plan: masstone over its tint with white; a click takes a paint out. */
const store = useProject()
const outside = computed(() => store.paints.length - store.paintsIn.length)
</script>

<template>
  <section aria-label="Paints in the plan">
    <div class="wells">
      <button
        v-for="paint in store.paintsIn"
        :key="paint.id"
        type="button"
        class="well"
        :title="`${paint.name}: take out of the plan`"
        :aria-label="`Take ${paint.name} out of the plan`"
        @click="store.setPaintIn(paint.id, false)"
      >
        <ColourPatch :lab="paintColours(paint).masstone" class="mass" />
        <ColourPatch :lab="paintColours(paint).tint" class="tint" />
        <span>{{ paint.name }}</span>
      </button>
    </div>
    <p class="soft">
      <template v-if="outside">{{ outside }} more in the </template>
      <template v-else>All of the </template>
      <RouterLink to="/box">box</RouterLink>. A click on a well takes it out.
    </p>
  </section>
</template>

<style scoped>
.wells {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  row-gap: 4px;
}
.well {
  border: 0;
  padding: 0;
  background: transparent;
  text-align: left;
  font-size: 14px;
  line-height: 1.1;
  align-self: start;
}
.well span {
  display: block;
  padding: 3px 4px 4px 0;
  hyphens: auto;
  overflow-wrap: break-word;
}
.mass {
  height: 20px;
}
.tint {
  height: 10px;
}
p {
  margin: 4px 0 0;
  font-size: 14px;
}
a {
  color: var(--accent-text);
}
</style>
