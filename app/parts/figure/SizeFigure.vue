<script setup lang="ts">
/** How large something is, beside others to the same scale: a person, or of a bust head and shoulders. */
defineProps<{
  /** Height of the whole person, pixels. */
  tall: number
  bust?: boolean
}>()
/** Part of a person that a bust shows. */
const SHOWN = 0.3
</script>

<template>
  <svg
    class="person"
    :viewBox="bust ? '0 0 40 30' : '0 0 40 100'"
    :width="0.4 * tall"
    :height="bust ? SHOWN * tall : tall"
    aria-hidden="true"
  >
    <ellipse cx="20" cy="7.5" rx="5.4" ry="7.3" />
    <path
      d="M17.4 13h5.2l.6 3.4 7.6 2.4 2.6 9.4 1.4 22-3.4.4-3-18-.6 19 1.2 46H22.4L20 56l-2.4 42h-6.6l1.2-46-.6-19-3 18-3.4-.4 1.4-22 2.6-9.4 7.6-2.4z"
    />
  </svg>
</template>

<style scoped>
.person {
  fill: currentcolor;
}
</style>
