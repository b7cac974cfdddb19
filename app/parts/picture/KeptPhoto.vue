<script setup lang="ts">
import { useKeptPhoto } from './useKeptPhoto'

/** A picture that is kept in this browser; nothing where it is not. */
const props = defineProps<{ photo: string | undefined; alt: string }>()
const { url } = useKeptPhoto(() => props.photo)
</script>

<template>
  <img v-if="url" :src="url" :alt="alt" />
</template>

<style scoped>
img {
  display: block;
  max-width: 100%;
  object-fit: cover;
}
</style>
