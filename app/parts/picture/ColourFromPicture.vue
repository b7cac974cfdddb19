<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onBeforeUnmount, reactive, ref, watch } from 'vue'
import type { ColourSource, Lab } from '../../../core'
import FileButton from '../field/FileButton.vue'
import { PICTURES } from '../field/fileKinds'
import PictureCanvas from './PictureCanvas.vue'
import { openPicture } from '../../stores/picture/openPicture'
import { newId } from '../../vault/newId'

/** One colour from a photograph: first something grey in the same light, then the place itself. */
const props = defineProps<{ what: string }>()
const emit = defineEmits<{ pick: [lab: Lab, source: ColourSource] }>()
/** Each slot has a picture of its own. */
const store = reactive(openPicture(newId()))
onBeforeUnmount(store.close)
const shown = ref(false)
const tool = ref<'neutral' | 'point'>('neutral')

watch(
  () => store.picture,
  (picture) => {
    tool.value = 'neutral'
    shown.value = picture !== undefined
  },
)
watch(
  () => store.neutral,
  (neutral) => neutral && (tool.value = 'point'),
)
watch(
  () => store.point,
  (point) =>
    shown.value &&
    point &&
    emit('pick', { ...point.lab }, store.neutral ? 'photograph' : 'photograph without grey'),
)
</script>

<template>
  <div class="from">
    <FileButton :accept="PICTURES" @file="store.open($event)">From a picture…</FileButton>
    <p v-if="store.trouble" role="alert">{{ store.trouble }}</p>
    <div v-if="shown && store.picture" class="open">
      <p class="soft" role="status">
        {{
          tool === 'neutral'
            ? 'Show something grey or white in the same light. The picture stays on this machine.'
            : store.point
              ? 'Taken. Another place may be shown.'
              : `Now show ${props.what}.`
        }}
      </p>
      <p class="row">
        <ElButton v-if="tool === 'neutral'" @click="tool = 'point'">
          No grey in it: plain daylight
        </ElButton>
        <ElButton v-else @click="tool = 'neutral'">Grey again</ElButton>
        <ElButton @click="shown = false">Close the picture</ElButton>
      </p>
      <PictureCanvas :picture="store" :tool="tool" :brush="5" />
    </div>
  </div>
</template>

<style scoped>
.from {
  display: contents;
}
.open {
  flex-basis: 100%;
  display: grid;
  gap: 6px;
}
p {
  margin: 0;
  font-size: 0.9375rem;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
