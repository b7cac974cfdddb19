<script setup lang="ts">
/** A field with words on its two axes. */
defineProps<{ top: string; bottom: string; across: readonly string[] }>()
</script>

<template>
  <div class="framed" data-asks>
    <span class="down soft"
      ><span>{{ top }}</span
      ><span>{{ bottom }}</span></span
    >
    <slot />
    <span class="across soft">
      <span v-for="word in across" :key="word">{{ word }}</span>
    </span>
  </div>
</template>

<style scoped>
.framed {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr);
}
.down,
.across {
  display: flex;
  justify-content: space-between;
  font-size: 0.875rem;
}
.down {
  writing-mode: vertical-rl;
  transform: rotate(180deg);
  flex-direction: row-reverse;
}
.across {
  grid-column: 2;
  padding-top: 2px;
}
</style>
