<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useProject } from '../../stores/project/project'
import { LONGEST_KEPT } from '../../vault/photos'
import { useFigurePicture } from './useFigurePicture'

/** The picture is kept with its figure only when the painter says so, and at a size that is said. */
const project = useProject()
const { isKept, busy, trouble, keep } = useFigurePicture()
defineProps<{ shown: boolean }>()
</script>

<template>
  <p v-if="shown" class="keep">
    <template v-if="isKept">Kept with {{ project.figure.name }}.</template>
    <template v-else>
      <ElButton :loading="busy" @click="keep">
        Keep it with {{ project.figure.name.split(',')[0] }}
      </ElButton>
      <span class="soft"
        >a copy of at most {{ LONGEST_KEPT }} pixels, in this browser and in the packed
        commission</span
      >
    </template>
    <span v-if="trouble" role="alert">{{ trouble }}</span>
  </p>
</template>

<style scoped>
.keep {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
</style>
