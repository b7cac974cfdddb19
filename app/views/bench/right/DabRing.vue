<script setup lang="ts">
import { computed } from 'vue'
import { dabKeys, dabOf } from '../../../../core'
import type { Lab, Looked } from '../../../../core'
import { screenColour } from '../../../parts/screenColour'
import { dabWords } from '../../../words/looking'

/** Seven dabs round the aim: the one the well is most like is pressed. */
const props = defineProps<{ aim: Lab; busy: boolean }>()
const emit = defineEmits<{ look: [looked: Looked] }>()
const dabs = computed(() => {
  const shown = dabKeys.flatMap((key) => {
    const lab = dabOf(props.aim, key)
    return lab ? [{ key, lab }] : []
  })
  return shown.map((one, i) => {
    const angle = (2 * Math.PI * i) / shown.length - Math.PI / 2
    const { css, ink } = screenColour(one.lab)
    return {
      key: one.key,
      style: {
        left: `${50 + 36 * Math.cos(angle)}%`,
        top: `${50 + 36 * Math.sin(angle)}%`,
        background: css,
        color: ink,
      },
    }
  })
})
</script>

<template>
  <div class="dabs" :aria-busy="busy">
    <button
      type="button"
      class="dab aim"
      :style="{ background: screenColour(aim).css, color: screenColour(aim).ink }"
      @mousedown.prevent
      @click="emit('look', 'right')"
    >
      right
    </button>
    <button
      v-for="{ key, style } in dabs"
      :key="key"
      type="button"
      class="dab"
      :style="style"
      @mousedown.prevent
      @click="emit('look', key)"
    >
      {{ dabWords[key] }}
    </button>
  </div>
</template>

<style scoped>
.dabs {
  position: relative;
  height: 100%;
  aspect-ratio: 1;
  max-width: 100%;
  justify-self: center;
  align-self: center;
}
.dab {
  position: absolute;
  width: 26%;
  height: 26%;
  min-width: 64px;
  min-height: 56px;
  transform: translate(-50%, -50%);
  border: 0;
  border-radius: 50%;
  font: inherit;
  font-size: 1.125rem;
}
.aim {
  left: 50%;
  top: 50%;
  width: 46%;
  height: 46%;
}
.dab:focus-visible {
  outline: 3px solid var(--focus);
  outline-offset: -6px;
  z-index: 1;
}
@media (max-width: 640px) {
  .dab {
    font-size: 1rem;
  }
}
</style>
