<script setup lang="ts">
import { useDesk } from '../stores/desk'

/** Whether what was made is stored. */
const desk = useDesk()
const words = { opening: 'Opening…', saving: 'Saving…', saved: 'Saved', failed: 'Not saved' }
</script>

<template>
  <p role="status">{{ words[desk.state] }}</p>
</template>
