<script setup lang="ts">
import { vTip } from './tip/tip'
/** The ground that colours are judged on: dark for dim rooms, light for print. */
const field = defineModel<'middle' | 'dim' | 'light'>({ required: true })
const fields = [
  { value: 'dim', name: 'Dark ground, for a dim room', grey: '#5e5e5e' },
  { value: 'middle', name: 'Middle grey ground', grey: '#b9b9b9' },
  { value: 'light', name: 'Light ground, for print', grey: '#ebebeb' },
] as const
</script>

<template>
  <div class="switch" role="group" aria-label="Ground">
    <button
      v-for="{ value, name, grey } in fields"
      :key="value"
      v-tip="name"
      type="button"
      :aria-pressed="field === value"
      :aria-label="name"
      :style="{ background: grey }"
      @click="field = value"
    />
  </div>
</template>

<style scoped>
.switch {
  display: flex;
  justify-content: center;
}
button {
  width: 24px;
  height: 28px;
  border: 2px solid var(--ground);
  padding: 0;
}
button[aria-pressed='true'] {
  border-color: #fff;
}
button:focus-visible {
  outline-color: var(--cobalt-bright);
}
</style>
