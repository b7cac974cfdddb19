<script setup lang="ts">
import { failureWords } from '../../words/failure'
import { ElButton, ElFormItem } from 'element-plus'
import { ref } from 'vue'
import { longest } from '../../../core'
import type { Figure } from '../../../core'
import FileButton from '../../parts/field/FileButton.vue'
import { PICTURES } from '../../parts/field/fileKinds'
import { useKeptPhoto } from '../../parts/picture/useKeptPhoto'
import { useProject } from '../../stores/project/project'
import { keepPhoto, LONGEST_KEPT } from '../../vault/photos'

/** The picture a figure is painted after, kept with it in this browser. */
const props = defineProps<{ figure: Figure }>()
const store = useProject()
const trouble = ref('')
const busy = ref(false)
const { url, missing } = useKeptPhoto(() => props.figure.picture?.photo)
async function take(file: File): Promise<void> {
  const { id } = props.figure
  busy.value = true
  trouble.value = ''
  try {
    const photo = await keepPhoto(file)
    store.setFigure(id, { picture: { photo, name: file.name.slice(0, longest.name) } })
  } catch (error) {
    trouble.value = `“${file.name}” was not kept: ${failureWords(error)}.`
  }
  busy.value = false
}
</script>

<template>
  <ElFormItem label="Painted after" class="item">
    <RouterLink
      v-if="url"
      :to="{ name: 'Tone', params: { way: 'picture' } }"
      class="shown"
      @click="store.chooseFigure(figure.id)"
    >
      <img :src="url" :alt="`What ${figure.name} is painted after: ${figure.picture?.name}`" />
    </RouterLink>
    <span class="tools">
      <FileButton :accept="PICTURES" :disabled="busy" @file="take">
        {{ figure.picture ? 'Another picture…' : 'Keep a picture with it…' }}
      </FileButton>
      <ElButton
        v-if="figure.picture"
        text
        @click="store.setFigure(figure.id, { picture: undefined })"
      >
        Take it off
      </ElButton>
    </span>
    <p class="soft">
      A copy of at most {{ LONGEST_KEPT }} pixels is kept in this browser and goes into the packed
      commission; it is sent nowhere.
    </p>
    <p v-if="missing" role="alert">
      The picture is not in this browser; it may be where it was packed.
    </p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </ElFormItem>
</template>

<style scoped>
.item :deep(.el-form-item__content) {
  display: grid;
  gap: 6px;
  line-height: 1.3;
}
.shown img {
  display: block;
  max-width: 100%;
  max-height: 150px;
}
.tools {
  display: flex;
  gap: 6px;
}
p {
  margin: 0;
  font-size: 0.875rem;
}
</style>
