<script setup lang="ts">
import { ElButton } from 'element-plus'
import { tourShown } from '../../parts/helpShown'
import { hexOfLab, labOf, skinReflectance } from '../../../core'

/** What one sees who has nothing here yet: the complexions that there are, and the ways in. */
defineEmits<{ open: [] }>()
const MELANIN = [0.35, 0.25, 0.17, 0.12, 0.08, 0.055, 0.038, 0.026, 0.017, 0.011, 0.007, 0.005]
const BLOOD = [0.012, 0.022, 0.034, 0.05]
const field = BLOOD.map((blood) =>
  MELANIN.map((melanin) =>
    hexOfLab(labOf(skinReflectance({ melanin, blood, oxygenation: 0.78, carotene: 12 }))),
  ),
)
</script>

<template>
  <section class="first" aria-label="Welcome">
    <div class="field" aria-hidden="true">
      <span v-for="(row, i) in field" :key="i">
        <span v-for="(colour, k) in row" :key="k" :style="{ background: colour }" />
      </span>
    </div>
    <div class="words">
      <h1>Flesh and hide, from a few bottles</h1>
      <p>
        What skin looks like from crevice to glint, the drops that mix it, the coats that build it
        and what to do next at the bench. Everything stays on this machine.
      </p>
      <p class="ways">
        <RouterLink :to="{ name: 'Begin' }" class="way main">Start your own</RouterLink>
        <RouterLink
          :to="{ name: 'Ladder', params: { commission: 'low-tide' } }"
          class="way"
          @click="tourShown = true"
          >Look round with Low Tide</RouterLink
        >
        <ElButton class="way" @click="$emit('open')">Open a file…</ElButton>
      </p>
      <p class="soft">
        Low Tide is a harbour diorama of nine invented figures. It can be changed, thrown away and
        brought back whole.
      </p>
    </div>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: minmax(280px, 1.1fr) minmax(0, 1fr);
  min-height: calc(100vh - 110px);
}
.field {
  display: flex;
  flex-direction: column;
}
.field > span {
  flex: 1;
  display: flex;
}
.field > span > span {
  flex: 1;
}
.words {
  padding: 8vh 40px 40px;
  align-self: center;
}
h1 {
  font-size: 2.375rem;
  line-height: 1.05;
  max-width: 14ch;
}
p {
  max-width: 46ch;
  margin: 16px 0 0;
  font-size: 1.125rem;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.way {
  display: inline-block;
  padding: 14px 22px;
  border: 1px solid var(--edge);
  color: inherit;
  text-decoration: none;
  font-weight: 600;
}
.way.el-button {
  font-size: inherit;
  line-height: inherit;
}
.way:hover {
  background: var(--field-high);
}
.way.main {
  background: var(--cobalt);
  border-color: var(--cobalt);
  color: #fff;
}
.soft {
  font-size: 0.9375rem;
}
@media (max-width: 820px) {
  .first {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: 30vh auto;
  }
  .words {
    padding: 24px 16px;
  }
}
</style>
