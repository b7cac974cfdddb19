<script setup lang="ts">
import { toneLab } from '../../../core'
import type { Tone } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useProject } from '../../stores/project/project'
import InTurn from '../../parts/inTurn'

/** Named tones to start from, edge to edge. */
defineProps<{ label: string; places: readonly { name: string; tone: Tone }[] }>()
const store = useProject()
</script>

<template>
  <div class="asked" data-asks>
    <div class="places" role="group" :aria-label="label">
      <InTurn v-for="{ name, tone } in places" :key="name">
        <button type="button" @click="store.setTone({ ...tone })">
          <ColourPatch :lab="toneLab(tone)" class="swatch" />
          <span>{{ name }}</span>
        </button>
      </InTurn>
    </div>
  </div>
</template>

<style scoped>
.asked {
  min-width: 0;
}
.places {
  display: flex;
  min-height: 52px;
  margin-left: 22px;
  overflow-x: auto;
  padding: 3px 0;
}
button {
  display: flex;
  flex-direction: column;
  flex: 1 0 66px;
  border: 0;
  padding: 0;
  background: transparent;
  text-align: left;
  font-size: 0.875rem;
  line-height: 1.15;
}
span {
  display: block;
  padding: 3px 4px 0 1px;
}
.swatch {
  width: 100%;
  height: 30px;
}
</style>
