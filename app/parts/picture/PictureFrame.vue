<script setup lang="ts">
import { ElProgress } from 'element-plus'
import type { OpenPicture } from '../../stores/picture/openPicture'
import PictureDrop from './PictureDrop.vue'

/** Where a picture is dropped, what is wrong with it, how far it is opened; what is done with it stands within. */
defineProps<{ label: string; picture: OpenPicture; what: string }>()
const emit = defineEmits<{ file: [File] }>()
function dropped(event: DragEvent): void {
  const file = event.dataTransfer?.files[0]
  if (file) emit('file', file)
}
</script>

<template>
  <section :aria-label="label" @dragover.prevent @drop.prevent="dropped">
    <p v-if="picture.trouble" class="trouble" role="alert">{{ picture.trouble }}</p>
    <!-- It stays while a picture opens: what is being chosen is not lost. -->
    <PictureDrop v-show="!picture.picture" :what="what" @file="emit('file', $event)" />
    <slot name="beside" />
    <p v-if="picture.progress !== undefined" role="status">
      Opening… <ElProgress :percentage="Math.round(100 * picture.progress)" aria-label="Opening" />
    </p>
    <slot v-if="picture.picture" />
    <slot name="below" />
  </section>
</template>

<style scoped>
.trouble {
  margin: 0;
  padding: 10px 14px;
  background: var(--ground);
  color: #fff;
}
</style>
