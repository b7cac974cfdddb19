<script setup lang="ts">
import { computed } from 'vue'
import type { Lab } from '../../core'
import { screenColour } from './screenColour'
import { vTip } from './tip/tip'

/** A flat patch of one colour; a folded corner marks what the screen cannot show. */
const props = defineProps<{ lab: Lab; label?: string }>()
const screen = computed(() => screenColour(props.lab))
</script>

<template>
  <div
    class="patch"
    :style="{ background: screen.css, color: screen.ink }"
    :role="label ? 'img' : undefined"
    :aria-label="label && (screen.inGamut ? label : `${label}, outside what this screen can show`)"
  >
    <slot />
    <span v-if="!screen.inGamut" v-tip="'Outside what this screen can show'" class="cut" />
  </div>
</template>

<style scoped>
.patch {
  position: relative;
  min-width: 0;
}
.cut {
  position: absolute;
  top: 0;
  right: 0;
  border: 5px solid;
  border-color: #fff #fff transparent transparent;
  outline: 0;
}
</style>
