<script setup lang="ts">
import { computed } from 'vue'
import { ingredientKey } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { colourOf } from '../../parts/palette/colourOf'
import type { useFew } from '../../stores/range/few'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'

/** What all figures are mixed from, in a line, that opens where it is chosen. */
const props = defineProps<{ few: ReturnType<typeof useFew> }>()
const open = defineModel<boolean>({ required: true })
const store = useProject()
const palette = usePalette()
const bottles = computed(() =>
  [
    ...props.few.table.value.map((bottle) => ({ bottle })),
    ...store.letDowns.map(({ id }) => ({ puddle: id })),
  ].map((of) => ({
    key: ingredientKey(of),
    name: palette.palette.nameOf(of),
    lab: colourOf(of, palette.palette),
  })),
)
</script>

<template>
  <button type="button" class="fold" :aria-expanded="open" @click="open = !open">
    <span v-if="!open" class="all">
      <span v-for="{ key, name, lab } in bottles" :key="key" class="one">
        <ColourPatch v-if="lab" :lab="lab" class="patch" />
        {{ name }}
      </span>
    </span>
    <span class="word">{{ open ? 'Only the line of bottles' : 'Change the bottles' }}</span>
  </button>
</template>

<style scoped>
.fold {
  display: block;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  font-size: 0.8125rem;
  text-align: left;
}
.all {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
}
.one {
  line-height: 1.15;
  padding-right: 6px;
  overflow-wrap: anywhere;
}
.patch {
  height: 34px;
  margin: 0 -6px 4px 0;
}
.word {
  display: inline-block;
  padding: 5px 0;
  font-size: 0.9375rem;
  text-decoration: underline;
  text-decoration-thickness: 1px;
  text-underline-offset: 3px;
}
/* Too many for their names in one line. */
@media (max-width: 1000px) {
  .all {
    grid-auto-flow: row;
    grid-template-columns: repeat(auto-fill, minmax(68px, 1fr));
    row-gap: 6px;
  }
}
</style>
