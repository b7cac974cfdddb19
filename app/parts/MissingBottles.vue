<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useCoats } from '../stores/coats/coats'
import { isKnown, nameOf } from '../stores/paints'
import { useProject } from '../stores/project/project'
import ColourPatch from './ColourPatch.vue'
import { bottleColour } from './palette/colourOf'
import { paintColours } from './paintColours'

/** Bottles that the open figure needs and that are not in, the same in every room: the nearest that is, what to do. */
const store = useProject()
const coats = useCoats()
const missing = computed(() => coats.missing)
const rows = computed(() =>
  missing.value.map(({ id, standIn }) => ({
    id,
    name: nameOf(id),
    lab: bottleColour(id),
    standIn,
  })),
)
const canStandIn = computed(() => missing.value.every(({ standIn }) => standIn))
const canPutIn = computed(() => missing.value.every(({ id }) => isKnown(id)))
const use = (): boolean =>
  coats.standIn(
    new Map(missing.value.flatMap(({ id, standIn }) => (standIn ? [[id, standIn.paint.id]] : []))),
  )
const putIn = (): boolean => store.putInHere(missing.value.map(({ id }) => id))
</script>

<template>
  <section v-if="missing.length" class="missing" aria-label="Bottles that are not in" data-asks>
    <p>
      What is laid or settled for this figure needs
      {{ missing.length === 1 ? 'a bottle that is' : 'bottles that are' }} not in for it:
    </p>
    <ul>
      <li v-for="row in rows" :key="row.id">
        <span class="pair">
          <ColourPatch v-if="row.lab" :lab="row.lab" class="half" /><ColourPatch
            v-if="row.standIn"
            :lab="paintColours(row.standIn.paint).masstone"
            class="half"
          />
        </span>
        <span>
          <b>{{ row.name }}</b>;
          <template v-if="row.standIn">
            nearest in is {{ row.standIn.paint.name }}, {{ row.standIn.deltaE00.toFixed(0) }} off,
            {{ row.standIn.words.join(', ') }}
          </template>
          <template v-else>nothing that is in can stand in for it</template>
        </span>
      </li>
    </ul>
    <p class="tools">
      <ElButton v-if="canStandIn" @click="use">
        {{ missing.length === 1 ? 'Use the stand-in' : 'Use the stand-ins' }}
      </ElButton>
      <ElButton v-if="canPutIn" @click="putIn">Put in for this figure</ElButton>
    </p>
  </section>
</template>

<style scoped>
.missing {
  border-left: 4px solid var(--ink-soft);
  padding: 2px 0 2px 12px;
  font-size: 0.9375rem;
}
p {
  margin: 0;
}
ul {
  list-style: none;
  margin: 4px 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
}
.pair {
  display: flex;
  flex: none;
}
.half {
  width: 26px;
  height: 26px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
