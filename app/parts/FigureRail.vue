<script setup lang="ts">
import { computed } from 'vue'
import { toneLab } from '../../core'
import ColourPatch from './ColourPatch.vue'
import { useProject } from '../stores/project/project'
import { vTip } from './tip/tip'

/** The figures of the commission, each with its base colour. */
const store = useProject()
const figures = computed(() =>
  store.project.figures.map(({ id, name, tone }) => ({
    id,
    name,
    short: name.split(',')[0]!,
    lab: toneLab(tone),
  })),
)
</script>

<template>
  <div class="rail" role="group" aria-label="Figures">
    <button
      v-for="{ id, name, short, lab } in figures"
      :key="id"
      v-tip="name"
      type="button"
      class="figure"
      :aria-pressed="id === store.figure.id"
      @click="store.chooseFigure(id)"
    >
      <ColourPatch :lab="lab" class="tone" />
      <span>{{ short }}</span>
    </button>
  </div>
</template>

<style scoped>
.rail {
  display: flex;
  overflow-x: auto;
  padding: 4px;
  margin: 0 -4px;
}
.figure {
  flex: 1 0 84px;
  border: 0;
  padding: 0;
  background: transparent;
  text-align: left;
  font-size: 0.875rem;
}
.figure span {
  display: block;
  padding: 3px 4px 3px 1px;
  white-space: nowrap;
  border-bottom: 3px solid transparent;
}
.figure[aria-pressed='true'] span {
  font-weight: 700;
  border-bottom-color: var(--ink);
}
.tone {
  height: 22px;
}
</style>
