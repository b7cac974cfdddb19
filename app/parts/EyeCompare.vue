<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { dabBeside, dabWays, deltaE00 } from '../../core'
import type { DabWay, Lab } from '../../core'
import ColourPatch from './ColourPatch.vue'

/** A dry dab held beside the screen: what was predicted, and what it is moved to until both look alike. */
const props = defineProps<{ predicted: Lab }>()
/** What the dab looks like; nothing while nothing was said. */
const seen = defineModel<Lab>()
/** A tap moves by so much, ΔE00: one sees it, and it is not too coarse to settle on. */
const STEP = 2
const now = computed(() => seen.value ?? props.predicted)
const dabs = computed(() => dabWays.map((way) => ({ way, lab: dabBeside(now.value, way, STEP) })))
const off = computed(() => deltaE00(props.predicted, now.value))
function move(way: DabWay): void {
  seen.value = dabBeside(now.value, way, STEP)
}
function alike(): void {
  const { L, a, b } = props.predicted
  seen.value = { L, a, b }
}
</script>

<template>
  <fieldset class="compare">
    <legend>Hold the dry dab beside the screen</legend>
    <div class="both">
      <ColourPatch :lab="predicted" label="As it was predicted"><span>predicted</span></ColourPatch>
      <ColourPatch :lab="now" label="As you say it looks"><span>your dab</span></ColourPatch>
    </div>
    <div class="dabs" role="group" aria-label="Your dab is">
      <button v-for="{ way, lab } in dabs" :key="way" type="button" @click="move(way)">
        <span class="split" aria-hidden="true">
          <ColourPatch :lab="now" />
          <ColourPatch :lab="lab" />
        </span>
        {{ way }}
      </button>
    </div>
    <p role="status">
      {{
        seen === undefined
          ? 'Tap what your dab is until the right half looks like it.'
          : off < 0.05
            ? 'It looks as predicted.'
            : `${off.toFixed(1)} from what was predicted.`
      }}
    </p>
    <ElButton @click="alike">{{ seen ? 'Back to predicted' : 'It looks as predicted' }}</ElButton>
  </fieldset>
</template>

<style scoped>
.compare {
  border: 0;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  flex-basis: 100%;
}
legend {
  padding: 0;
  font-weight: 700;
}
.both,
.split {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.both {
  width: min(360px, 100%);
  height: 128px;
}
.both span {
  position: absolute;
  inset: auto 8px 6px;
  font-size: 0.875rem;
}
.dabs {
  display: grid;
  grid-template-columns: repeat(4, minmax(72px, 1fr));
  gap: 6px;
}
.dabs button {
  display: grid;
  gap: 4px;
  min-height: 56px;
  padding: 4px;
  border: 1px solid transparent;
  background: none;
  font: inherit;
  font-size: 0.9375rem;
  color: inherit;
  cursor: pointer;
}
.dabs button:hover {
  border-color: currentcolor;
}
.split {
  height: 36px;
}
p {
  margin: 0;
}
</style>
