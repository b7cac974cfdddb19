<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, toRaw } from 'vue'
import {
  APART_DELTA,
  apartFrom,
  reaches,
  setApart,
  smoothestReflectance,
  toneLab,
} from '../../../core'
import type { Gamut, HideTone, Lab } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useProject } from '../../stores/project/project'
import { vTip } from '../../parts/tip/tip'

/** How this hide stands to the other hides of the commission; too close, and one is moved (T27). */
const props = defineProps<{ gamut?: Gamut }>()
const store = useProject()
const tone = computed(() => store.figure.tone as HideTone)
const own = computed(() => toneLab(tone.value))
const others = computed(() =>
  store.project.figures
    .filter(({ id, tone }) => id !== store.figure.id && tone.kind === 'hide')
    .map(({ id, name, tone }) => {
      const lab = toneLab(tone)
      return { id, name, lab, ...apartFrom(own.value, lab) }
    })
    .sort((one, other) => one.deltaE00 - other.deltaE00),
)
const tooAlike = computed(() => others.value.filter(({ deltaE00 }) => deltaE00 < APART_DELTA))

const signed = (value: number): string => `${value > 0 ? '+' : '−'}${Math.abs(value).toFixed(0)}`
function possible(lab: Lab): boolean {
  if (props.gamut && !reaches(props.gamut, lab)) return false
  try {
    smoothestReflectance(lab)
    return true
  } catch {
    return false
  }
}
function apart(): void {
  const base = toRaw(tone.value)
  const { L, a, b } = setApart(
    { ...base.lab, white: 'D65/2' },
    others.value.map(({ lab }) => lab),
    possible,
  )
  store.setTone({ ...base, lab: { L, a, b } })
}
</script>

<template>
  <div v-if="others.length" class="others">
    <h2>Beside the other hides</h2>
    <ul>
      <li v-for="{ id, name, lab, lightness, hue, deltaE00 } in others.slice(0, 4)" :key="id">
        <span class="pair">
          <ColourPatch :lab="own" class="half" /><ColourPatch :lab="lab" class="half" />
        </span>
        <span>{{ name }}</span>
        <span v-tip="`ΔE00 ${deltaE00.toFixed(1)}`" class="soft">
          {{ signed(lightness) }} L*, {{ signed(hue) }}° hue
        </span>
      </li>
    </ul>
    <p>
      <template v-if="tooAlike.length"
        >Too like {{ tooAlike.map(({ name }) => name).join(' and ') }}.
      </template>
      <template v-else>Told apart at a glance. </template>
      <ElButton :disabled="tooAlike.length === 0" @click="apart"> Set apart </ElButton>
    </p>
  </div>
</template>

<style scoped>
.others {
  margin-left: 22px;
}
ul {
  list-style: none;
  margin: 6px 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
  gap: 4px 24px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: center;
  font-size: 0.9375rem;
}
.pair {
  display: flex;
}
.half {
  width: 26px;
  height: 26px;
}
p {
  margin: 0;
}
</style>
