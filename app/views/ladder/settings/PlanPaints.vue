<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import ColourPatch from '../../../parts/ColourPatch.vue'
import OwnedOnly from '../../../parts/OwnedOnly.vue'
import { paintColours } from '../../../parts/paintColours'
import { isKnown, paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'

/** The bottles of this figure: masstone over its tint with white; a click takes one from this figure alone. */
const store = useProject()
const outside = computed(() => store.paints.length - store.paintsIn.length)
const short = computed(() => store.figure.name.split(',')[0]!)
/** Bottles of the commission that this figure does without. */
const without = computed(() =>
  (store.figure.bottles?.without ?? []).filter(isKnown).map((id) => paintOf(id)),
)
const more = computed(() => new Set(store.figure.bottles?.more))
</script>

<template>
  <section aria-label="Bottles of this figure" data-asks>
    <div class="wells">
      <button
        v-for="paint in store.paintsIn"
        :key="paint.id"
        type="button"
        class="well"
        :aria-label="`Take ${paint.name} from ${short}`"
        @click="store.setPaintInHere(paint.id, false)"
      >
        <ColourPatch :lab="paintColours(paint).masstone" class="mass" />
        <ColourPatch :lab="paintColours(paint).tint" class="tint" />
        <span>{{ paint.name }}<template v-if="more.has(paint.id)"> (only here)</template></span>
      </button>
    </div>
    <p v-if="store.paintsIn.length === 0" class="none">
      No bottle is in.
      <RouterLink :to="{ name: 'Box' }">Choose some in the box</RouterLink>
    </p>
    <div v-if="without.length" class="without">
      <span class="soft">{{ short }} does without</span>
      <ElButton
        v-for="paint in without"
        :key="paint.id"
        text
        @click="store.setPaintInHere(paint.id, true)"
      >
        {{ paint.name }}: put back
      </ElButton>
    </div>
    <OwnedOnly />
    <p class="soft">
      <template v-if="outside">{{ outside }} more in the </template>
      <template v-else>All of the </template>
      <RouterLink :to="{ name: 'Box' }">box</RouterLink>. A click on a well takes it from
      {{ short }} alone.
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
  font-size: 0.875rem;
  line-height: 1.1;
  align-self: start;
}
.well > span {
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
.without {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  font-size: 0.875rem;
}
p {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
.none {
  font-size: 1rem;
}
a {
  color: var(--accent-text);
}
</style>
