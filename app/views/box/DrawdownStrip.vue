<script setup lang="ts">
import { computed } from 'vue'
import { cautions } from '../../../core'
import type { Paint } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { paintColours } from '../../parts/paintColours'
import { useProject } from '../../stores/project'

/** One paint as a drawdown: thick and thin over white and black, and its tint with white. */
const props = defineProps<{ paint: Paint }>()
const store = useProject()
const isIn = computed(() => !store.project.out.includes(props.paint.id))
const colours = computed(() => paintColours(props.paint))
</script>

<template>
  <li class="strip" :class="{ out: !isIn }">
    <div
      class="card"
      role="img"
      :aria-label="`${paint.name} drawn down over white and black, thick and thin, and its tint with white`"
    >
      <ColourPatch :lab="colours.thickOverWhite" class="p" />
      <ColourPatch :lab="colours.thickOverBlack" class="p" />
      <ColourPatch :lab="colours.thinOverWhite" class="p" />
      <ColourPatch :lab="colours.thinOverBlack" class="p" />
      <ColourPatch :lab="colours.tint" class="tint" />
    </div>
    <label class="name">
      <input
        type="checkbox"
        :checked="isIn"
        :aria-label="`${paint.name} is in the plan`"
        @change="store.setPaintIn(paint.id, !isIn)"
      />
      <b>{{ paint.name }}</b>
      <span class="soft">{{ paint.pigments.join(' · ') }}</span>
    </label>
    <p class="soft">{{ paint.opacity }} · a coat hides {{ Math.round(colours.hides * 100) }}%</p>
    <p v-for="hazard in paint.hazards" :key="hazard" class="caution">
      <span aria-hidden="true">▲</span> {{ cautions[hazard] }}
    </p>
  </li>
</template>

<style scoped>
.strip {
  list-style: none;
  min-width: 0;
  font-size: 14px;
}
.card {
  display: grid;
  grid-template: 40px 26px / 1fr 1fr 0.8fr;
}
.tint {
  grid-area: 1 / 3 / 3 / 4;
}
.out .card {
  clip-path: inset(0 0 52px 0);
  height: 66px;
  margin-bottom: -52px;
}
.name {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 28px;
  font-size: 15px;
  line-height: 1.15;
}
.name .soft {
  margin-left: auto;
  font-size: 14px;
  text-align: right;
}
input {
  width: 18px;
  height: 18px;
  flex: none;
  accent-color: var(--ink);
}
p {
  margin: 0;
}
.caution {
  margin-top: 4px;
  line-height: 1.25;
}
</style>
