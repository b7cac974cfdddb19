<script setup lang="ts">
/** What is shown below: the first part, or one of the others by the address's `show`. */
defineProps<{
  label: string
  /** Name of what is shown when nothing is asked. */
  first: string
  parts: Readonly<Record<string, string>>
  shown: string | undefined
}>()
</script>

<template>
  <nav class="parts" :aria-label="label">
    <RouterLink :to="{ query: {} }" :class="{ here: !shown }">{{ first }}</RouterLink>
    <RouterLink
      v-for="(name, key) in parts"
      :key="key"
      :to="{ query: { show: key } }"
      :class="{ here: shown === key }"
      >{{ name }}</RouterLink
    >
    <slot />
  </nav>
</template>

<style scoped>
.parts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 4px;
}
a {
  color: inherit;
  text-decoration: none;
  padding: 6px 12px;
  min-height: 36px;
  border-bottom: 3px solid transparent;
}
a:hover {
  background: var(--field-high);
}
a.here {
  font-weight: 700;
  border-bottom-color: var(--ink);
}
</style>
