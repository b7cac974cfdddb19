<script setup lang="ts">
import { useDesk } from '../stores/desk'
import TroubleNote from './TroubleNote.vue'

/** What is wrong with the work that lies open: it is not stored, or was deleted in another window. */
defineProps<{ inside: boolean }>()
const desk = useDesk()
const goneWords = {
  'from the shelf':
    'This commission was deleted in another window. What is changed here is stored, but it stays deleted until you keep it.',
  'for good':
    'This commission was deleted for good in another window. What you see is in this window only, and is not stored any more.',
}
</script>

<template>
  <TroubleNote v-if="desk.trouble" :text="desk.trouble" @close="desk.trouble = ''" />
  <TroubleNote
    v-if="desk.gone && inside"
    :text="goneWords[desk.gone]"
    action="Keep it after all"
    @act="desk.keepAll()"
    @close="desk.gone = undefined"
  />
</template>
