<script setup lang="ts">
import { MOST_MEGAPIXELS } from '../../../core'
import { PICTURES } from '../field/fileKinds'
import FileButton from '../field/FileButton.vue'

/** Where a picture is dropped or chosen. */
defineProps<{ what: string }>()
defineEmits<{ file: [File] }>()
</script>

<template>
  <FileButton drop :accept="PICTURES" @file="$emit('file', $event)">
    <span class="empty">
      <span>{{ what }}</span>
      <b>Open a picture…</b>
      <span class="soft">
        JPEG, PNG, WebP or AVIF, up to {{ MOST_MEGAPIXELS }} megapixels. It stays on this machine:
        nothing is sent anywhere, and it is gone when the tab closes unless you keep it.
      </span>
    </span>
  </FileButton>
</template>

<style scoped>
.empty {
  width: 100%;
  min-height: 220px;
  display: grid;
  place-content: center;
  justify-items: center;
  text-align: center;
  gap: 8px;
}
</style>
