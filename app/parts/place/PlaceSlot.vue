<script setup lang="ts">
import { ElDialog } from 'element-plus'
import { ref } from 'vue'
import type { Place } from '../../../core'
import { placeWords } from '../../words/places'
import PlaceChooser from './PlaceChooser.vue'

/** Where paint goes, in words; pressed to say it anew, on the form or by name. */
defineProps<{
  /** “coat 2”. */
  what: string
  place: Place
  zones: readonly { key: string; name: string }[]
}>()
const emit = defineEmits<{ put: [place: Place] }>()
const open = ref(false)
</script>

<template>
  <button
    type="button"
    class="slot"
    :aria-label="`Where ${what} goes: ${placeWords(place, zones)}; choose another place`"
    @click="open = true"
  >
    {{ placeWords(place, zones) }}
  </button>
  <ElDialog
    v-model="open"
    :title="`Where ${what} goes`"
    width="880"
    top="6vh"
    append-to-body
    destroy-on-close
  >
    <PlaceChooser :place="place" :zones="zones" @put="emit('put', $event)" />
  </ElDialog>
</template>

<style scoped>
.slot {
  min-height: 34px;
  padding: 2px 8px;
  border: 1px solid var(--line);
  border-radius: 3px;
  background: var(--field-high);
  text-align: left;
  line-height: 1.15;
  flex: 0 1 auto;
  max-width: 140px;
}
.slot:hover {
  border-color: var(--ink);
}
</style>
