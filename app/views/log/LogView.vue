<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import FigureHead from '../../parts/FigureHead.vue'
import FigureRail from '../../parts/FigureRail.vue'
import { inItsTurn } from '../../parts/inTurn'
import { later } from '../../parts/later'
import PartsNav from '../../parts/PartsNav.vue'
import SideLayout from '../../parts/SideLayout.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useProject } from '../../stores/project/project'
import { momentsReady } from '../../words/moment'
import MixLog from './MixLog.vue'
import SittingCompare from './SittingCompare.vue'
import TeachBox from './TeachBox.vue'

/** What was predicted and what came out, mix by mix; and the painted figure before its critic. */
const store = useProject()
const route = useRoute()
inItsTurn(momentsReady)
const CriticPanel = later(() => import('./critic/CriticPanel.vue'))
const CriticStory = later(() => import('./critic/CriticStory.vue'))
const shown = computed(() =>
  route.query.show === 'critic' && store.figures.length > 0 ? 'critic' : undefined,
)
</script>

<template>
  <main class="view">
    <FigureHead v-if="shown" room="before the critic" />
    <ViewHead
      v-else
      title="Log"
      :note="`${store.log.length} ${store.log.length === 1 ? 'mix' : 'mixes'} written down`"
    />
    <SideLayout :side="300">
      <FigureRail v-if="shown" />
      <PartsNav label="Of the log" first="Mixes" :parts="{ critic: 'Critic' }" :shown="shown" />
      <CriticPanel v-if="shown" />
      <MixLog v-else />
      <template #side>
        <CriticStory v-if="shown" />
        <template v-else>
          <TeachBox />
          <SittingCompare :log="store.log" />
        </template>
      </template>
    </SideLayout>
  </main>
</template>
