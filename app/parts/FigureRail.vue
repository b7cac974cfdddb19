<script setup lang="ts">
import { computed } from 'vue'
import { toneLab } from '../../core'
import ColourPatch from './ColourPatch.vue'
import InTurn from './inTurn'
import { useProject } from '../stores/project/project'
import { vTip } from './tip/tip'

/** The figures of the commission, each with its base colour. */
const store = useProject()
/** So many come at once. */
const AT_ONCE = 4
const groups = computed(() => {
  const { figures } = store.project
  const many = Math.ceil(figures.length / AT_ONCE)
  return Array.from({ length: many }, (_, i) => figures.slice(AT_ONCE * i, AT_ONCE * (i + 1)))
})
</script>

<template>
  <div class="rail" role="group" aria-label="Figures">
    <InTurn v-for="(figures, i) in groups" :key="i">
      <button
        v-for="figure in figures"
        :key="figure.id"
        v-tip="figure.name"
        type="button"
        class="figure"
        :aria-pressed="figure.id === store.figure.id"
        @click="store.chooseFigure(figure.id)"
      >
        <ColourPatch :lab="toneLab(figure.tone)" class="tone" />
        <span>{{ figure.name.split(',')[0] }}</span>
      </button>
    </InTurn>
  </div>
</template>

<style scoped>
.rail {
  display: flex;
  min-height: 60px;
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
  padding: 3px 10px 3px 1px;
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
