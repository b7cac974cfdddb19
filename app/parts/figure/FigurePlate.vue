<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'
import { useProject } from '../../stores/project/project'
import { figureNote } from '../../words/sizes'
import { later } from '../later'

/**
 * What a figure is called, how large it is and how many there are of it: said in a line, and changed there. What it
 * opens comes with the first press, and sees to the further ones itself.
 */
const store = useProject()
const PlatePopover = later(() => import('./PlatePopover.vue'))
const line = useTemplateRef<HTMLElement>('line')
const pressed = ref(false)
const open = ref(false)
function press(): void {
  if (pressed.value) return
  pressed.value = open.value = true
}
</script>

<template>
  <button
    ref="line"
    type="button"
    class="plate"
    :aria-expanded="open"
    :aria-label="`${figureNote(store.figure) || 'Size and number'}; change name, size and number`"
    @click="press"
  >
    {{ figureNote(store.figure) }}
  </button>
  <PlatePopover v-if="pressed" v-model="open" :of="line ?? undefined" />
</template>
