<script setup lang="ts">
import { ElButton, ElProgress } from 'element-plus'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { partsById, partsFound, stepKeys } from '../../../core'
import type { Alternative, StepKey } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import DropBeads from '../../parts/DropBeads.vue'
import { paintColours } from '../../parts/paintColours'
import { countWords } from '../../words/amounts'
import SideLayout from '../../parts/SideLayout.vue'
import ViewHead from '../../parts/ViewHead.vue'
import AlternativeList from './AlternativeList.vue'
import BoxLacks from './BoxLacks.vue'
import PutRight from '../../parts/PutRight.vue'
import RecipeWishes from './RecipeWishes.vue'
import { useRecipe } from './useRecipe'
import WayToTarget from './WayToTarget.vue'

/** One step's recipe: what it is made of and why, what else would do, and how to mend it. */
const route = useRoute()
const step = computed<StepKey>(() => stepKeys.find((key) => key === route.params.step) ?? 'base')
const {
  store,
  ladder,
  search,
  wishes,
  shown,
  parts,
  target,
  list,
  steadiness,
  brings,
  missing,
  start,
} = useRecipe(() => step.value)

function take({ recipe }: Alternative): void {
  store.keep(shown.value.key, partsFound(partsById(recipe.parts)))
}
const proof = computed(() => {
  const news = search.news
  if (!news?.best[0]) return 'Looking…'
  const best = news.best[0].deltaE00
  if (news.proved) return `Proved: nothing within these limits is closer than ${best.toFixed(1)}.`
  return `Best so far ${best.toFixed(1)}; nothing can be more than ${(best - news.lowerBound).toFixed(1)} closer.`
})
</script>

<template>
  <main>
    <ViewHead :title="`${store.figure.name.split(',')[0]}: ${shown.name}`" note="one step’s recipe">
      <RouterLink :to="{ name: 'Ladder' }" class="plain back">Back to the ladder</RouterLink>
    </ViewHead>
    <SideLayout :side="380">
      <nav class="steps" aria-label="Steps">
        <RouterLink
          v-for="one in ladder.steps"
          :key="one.key"
          :to="{ name: 'Recipe', params: { step: one.key } }"
          replace
          :aria-current="one.key === shown.key ? 'page' : undefined"
        >
          <ColourPatch :lab="one.painted ?? one.target" class="tab" />{{ one.name }}
        </RouterLink>
      </nav>
      <section class="now" aria-label="The recipe now">
        <div class="big">
          <ColourPatch :lab="shown.painted ?? target" class="half" label="Painted" />
          <ColourPatch :lab="target" class="half" label="Aimed at" />
        </div>
        <WayToTarget v-if="shown.painted" :mix="shown.painted" :aim="target" />
        <ul class="brings">
          <li v-for="({ paint, words }, i) in brings" :key="paint.id">
            <ElButton
              class="hand"
              :aria-label="`Take a drop of ${paint.name}`"
              @click="ladder.addDrops(shown.key, parts[i]!.of, -1)"
            >
              −
            </ElButton>
            <b>{{ countWords(parts[i]!.drops) }}</b>
            <ElButton
              class="hand"
              :aria-label="`Add a drop of ${paint.name}`"
              @click="ladder.addDrops(shown.key, parts[i]!.of, 1)"
            >
              +
            </ElButton>
            <span
              >{{ paint.name }}
              <span class="soft">{{
                parts.length > 1
                  ? `makes it ${words.join(', ') || 'no different'}`
                  : 'is all there is'
              }}</span></span
            >
            <DropBeads :lab="paintColours(paint).masstone" :drops="parts[i]!.drops" />
          </li>
        </ul>
      </section>
      <p v-if="shown.off !== undefined" class="soft">
        Off the aim by {{ shown.off.toFixed(1) }} ± {{ shown.within?.toFixed(1)
        }}<template v-if="missing.length">; it would have to be {{ missing.join(', ') }}</template
        >.
        <template v-if="steadiness"
          >Uneven drops move it by {{ steadiness.uneven.toFixed(1) }}; one drop of
          {{ parts[steadiness.touchy]!.paint.name }} more or less by
          {{ steadiness.oneDrop.toFixed(1) }}.</template
        >
      </p>
      <section aria-labelledby="others">
        <h2 id="others">What would do</h2>
        <p role="status" class="proof">
          {{ search.trouble || proof }}
          <template v-if="search.running">
            <ElProgress
              :percentage="Math.round(100 * (search.news?.done ?? 0))"
              aria-label="Search"
            />
            <ElButton @click="search.stop">Stop</ElButton>
          </template>
          <ElButton v-else-if="search.news && !search.news.proved" @click="start"> Go on </ElButton>
        </p>
        <p v-if="list[0]?.kind === 'shared'" class="soft">
          Under 2 ΔE00 of each other is less than bottles that were not measured are sure of: what
          opens the fewest bottles anew comes first.
        </p>
        <AlternativeList :list="list" :aim="target" @take="take" />
      </section>
      <template #side>
        <RecipeWishes v-model="wishes" />
        <BoxLacks :target="target" :best="search.news?.best[0]?.deltaE00 ?? shown.off ?? 100" />
        <PutRight :key="shown.key" :parts="shown.parts" :aim="target" />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.back {
  color: inherit;
  text-decoration: none;
}
.steps {
  display: flex;
  overflow-x: auto;
}
.steps a {
  flex: 1 0 70px;
  color: inherit;
  text-decoration: none;
  font-size: 0.875rem;
  border-bottom: 3px solid transparent;
  padding-bottom: 2px;
}
.steps a[aria-current] {
  font-weight: 700;
  border-color: var(--ink);
}
.tab {
  height: 22px;
}
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 24px;
  align-items: center;
}
.big {
  display: flex;
  width: 220px;
  height: 165px;
}
.half {
  flex: 1;
}
.brings {
  list-style: none;
  margin: 0;
  padding: 0;
  flex: 1 1 300px;
  display: grid;
  gap: 6px;
}
.brings li {
  display: grid;
  grid-template-columns: auto 24px auto minmax(0, 1fr);
  gap: 4px 8px;
  align-items: center;
}
.brings b {
  text-align: center;
}
.brings :deep(.beads) {
  grid-column: 4;
}
.hand {
  width: 36px;
  padding: 0;
  font-weight: 700;
}
p {
  margin: 0;
  font-size: 0.9375rem;
}
.proof {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  min-height: 40px;
}
</style>
