<script setup lang="ts">
import { failureWords } from '../../../words/failure'
import { ElButton, ElProgress } from 'element-plus'
import { ref } from 'vue'
import { fileName, saveFile } from '../../../parts/files/saveFile'
import type FormCanvas from '../../../parts/form/FormCanvas.vue'
import { useProject } from '../../../stores/project/project'

/** One turn of the painted form as a film to keep. */
const props = defineProps<{ canvas: InstanceType<typeof FormCanvas> | undefined }>()
const emit = defineEmits<{ begin: [] }>()
const store = useProject()
/** How far the film is; nothing when none is made. */
const recording = ref<number>()
const notKept = ref('')
async function keepTurn(): Promise<void> {
  emit('begin')
  recording.value = 0
  notKept.value = ''
  const { name } = store.figure
  try {
    const made = await props.canvas?.clip((done) => {
      if (recording.value === undefined) return false
      recording.value = done
      return true
    })
    if (made) saveFile(fileName(`${name} turned`, made.ending), made.clip, made.clip.type)
  } catch (error) {
    notKept.value = `No film was made: ${failureWords(error)}.`
  }
  recording.value = undefined
}
</script>

<template>
  <ElButton @click="recording === undefined ? keepTurn() : (recording = undefined)">
    {{ recording === undefined ? 'Keep a turn as a film' : 'Stop' }}
  </ElButton>
  <ElProgress
    v-if="recording !== undefined"
    class="far"
    :percentage="Math.round(100 * recording)"
    aria-label="Filming"
  />
  <p v-if="notKept" role="alert">{{ notKept }}</p>
</template>

<style scoped>
.far {
  flex: 1 0 100%;
}
p {
  margin: 0;
}
</style>
