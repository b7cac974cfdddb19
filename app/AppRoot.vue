<script setup lang="ts">
import App from './App.vue'
</script>

<template>
  <Suspense>
    <App />
    <template #fallback>
      <p>Opening the box…</p>
    </template>
  </Suspense>
</template>
