<script setup lang="ts">
import TroubleNote from './TroubleNote.vue'

/** What went wrong with something that was asked for from a menu, over whatever room is shown. */
defineProps<{ trouble?: { text: string; details: string[] } }>()
defineEmits<{ close: [] }>()
</script>

<template>
  <Teleport v-if="trouble" to=".room-space">
    <TroubleNote
      class="float"
      :text="trouble.text"
      :details="trouble.details"
      @close="$emit('close')"
    />
  </Teleport>
</template>

<style scoped>
.float {
  position: fixed;
  right: 16px;
  bottom: 16px;
  max-width: min(560px, calc(100vw - 32px));
  z-index: 20;
}
</style>
