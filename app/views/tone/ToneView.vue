<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import FigureRail from '../../parts/FigureRail.vue'
import SideLayout from '../../parts/SideLayout.vue'
import FigureHead from '../../parts/FigureHead.vue'
import { useProject } from '../../stores/project/project'
import HidePanel from './HidePanel.vue'
import KeptTones from './KeptTones.vue'
import NumberPanel from './NumberPanel.vue'
import PicturePanel from './PicturePanel.vue'
import PlacesOfLife from './PlacesOfLife.vue'
import SkinPanel from './SkinPanel.vue'
import UnderLights from './UnderLights.vue'

const store = useProject()
const route = useRoute()
const ways = [
  { key: 'skin', name: 'Skin', panel: SkinPanel },
  { key: 'hide', name: 'Hide', panel: HidePanel },
  { key: 'picture', name: 'From a picture', panel: PicturePanel },
  { key: 'number', name: 'By number', panel: NumberPanel },
] as const
const way = computed(
  () =>
    ways.find(({ key }) => key === route.params.way) ??
    ways.find(({ key }) => key === store.figure.tone.kind)!,
)
</script>

<template>
  <main>
    <FigureHead>
      <RouterLink :to="{ name: 'Ladder' }" class="plain next">To the ladder</RouterLink>
    </FigureHead>
    <SideLayout>
      <FigureRail />
      <nav class="ways" aria-label="Ways to decide the tone">
        <RouterLink
          v-for="{ key, name } in ways"
          :key="key"
          :to="{ name: 'Tone', params: { way: key } }"
          :aria-current="way.key === key ? 'page' : undefined"
          replace
          >{{ name }}</RouterLink
        >
      </nav>
      <component :is="way.panel" />
      <template #side>
        <PlacesOfLife />
        <UnderLights />
        <KeptTones />
      </template>
    </SideLayout>
  </main>
</template>

<style scoped>
.next {
  color: inherit;
  text-decoration: none;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
}
.ways a {
  color: inherit;
  text-decoration: none;
  padding: 8px 0 5px;
  border-bottom: 3px solid transparent;
}
.ways a[aria-current] {
  font-weight: 700;
  border-color: var(--ink);
}
</style>
