<script setup lang="ts">
import { computed } from 'vue'
import { endPlaces } from '../../../core'
import type { FigureStack } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useCoats } from '../../stores/coats/coats'

/** How the finished stack would look in shadow, in the middle and lit, were something of it otherwise. */
const props = defineProps<{ made: Partial<FigureStack> }>()
const coats = useCoats()
const end = computed(() => coats.endWith(props.made))
</script>

<template>
  <span class="look" aria-hidden="true">
    <template v-if="end">
      <ColourPatch v-for="place in endPlaces" :key="place" :lab="end[place]" />
    </template>
  </span>
</template>

<style scoped>
.look {
  display: inline-flex;
  vertical-align: middle;
  width: 66px;
  height: 24px;
  margin-right: 10px;
  background: var(--field-low);
}
.look > * {
  flex: 1;
}
</style>
