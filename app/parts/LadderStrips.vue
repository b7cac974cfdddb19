<script setup lang="ts">
/** Ladders of several figures side by side, light above; a figure that there is more of stands wider. */
defineProps<{ figures: readonly { id: string; name: string; many: number; strip?: string[] }[] }>()
const width = (many: number): number => Math.min(4, Math.sqrt(many))
</script>

<template>
  <span class="strips" aria-hidden="true">
    <span
      v-for="{ id, strip, many } in figures.filter((one) => one.strip)"
      :key="id"
      class="one"
      :style="{ flexGrow: width(many) }"
    >
      <span v-for="(colour, i) in [...strip!].reverse()" :key="i" :style="{ background: colour }" />
    </span>
  </span>
</template>

<style scoped>
.strips {
  display: flex;
  height: 100%;
}
.one {
  flex: 1 1 0;
  min-width: 0;
  display: flex;
  flex-direction: column;
}
.one > span {
  flex: 1;
}
</style>
