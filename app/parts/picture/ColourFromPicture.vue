<script setup lang="ts">
import { onBeforeUnmount, reactive, ref, watch } from 'vue'
import type { ColourSource, Lab } from '../../../core'
import PictureCanvas from './PictureCanvas.vue'
import { openPicture } from '../../stores/picture/openPicture'
import { newId } from '../../vault/newId'

/** One colour from a photograph: first something grey in the same light, then the place itself. */
const props = defineProps<{ what: string }>()
const emit = defineEmits<{ pick: [lab: Lab, source: ColourSource] }>()
/** Each slot has a picture of its own. */
const store = reactive(openPicture(newId()))
onBeforeUnmount(store.close)
const input = ref<HTMLInputElement>()
const shown = ref(false)
const tool = ref<'neutral' | 'point'>('neutral')

function take(): void {
  const file = input.value?.files?.[0]
  if (file) store.open(file)
  input.value!.value = ''
}
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
    <button type="button" class="plain" @click="input?.click()">From a picture…</button>
    <input
      ref="input"
      type="file"
      accept="image/jpeg,image/png,image/webp"
      class="unseen"
      :aria-label="`Picture of ${props.what}`"
      tabindex="-1"
      @change="take"
    />
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
        <button v-if="tool === 'neutral'" type="button" class="plain" @click="tool = 'point'">
          No grey in it: plain daylight
        </button>
        <button v-else type="button" class="plain" @click="tool = 'neutral'">Grey again</button>
        <button type="button" class="plain" @click="shown = false">Close the picture</button>
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
  font-size: 15px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
