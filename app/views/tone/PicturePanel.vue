<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Lab } from '../../../core'
import { asOptions } from '../../parts/field/options'
import PickOne from '../../parts/field/PickOne.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import { useProject } from '../../stores/project/project'
import PictureCanvas from '../../parts/picture/PictureCanvas.vue'
import PictureFrame from '../../parts/picture/PictureFrame.vue'
import PictureTools from '../../parts/picture/PictureTools.vue'
import type { PictureTool } from '../../stores/picture/openPicture'
import { useTonePicture } from '../../stores/picture/pictures'
import KeepPicture from './KeepPicture.vue'
import { fitWords } from './words'

/** From a photograph to tones: show what is neutral, choose the skin, take what was found. */
const project = useProject()
const store = useTonePicture()
const tool = ref<PictureTool>('neutral')
const brush = ref(5)
const tools: { key: PictureTool; name: string; hint: string }[] = [
  {
    key: 'neutral',
    name: 'Neutral',
    hint: 'Click something grey or white in the same light as the skin.',
  },
  { key: 'brush', name: 'Brush', hint: 'Brush over the skin; leave hair, eyes and glints out.' },
  { key: 'lasso', name: 'Lasso', hint: 'Draw round the skin.' },
  { key: 'point', name: 'One place', hint: 'Click one place to take its colour.' },
]
const hint = computed(() => tools.find(({ key }) => key === tool.value)!.hint)
const assumption = computed(() =>
  store.neutral
    ? 'Colours are corrected by the neutral you showed.'
    : 'No neutral shown: the picture is taken to be lit by plain daylight and balanced for it.',
)

const take = (file: File): void => store.open(file, project.figure.id)
const asHide = ({ L, a, b }: Lab): boolean => project.setTone({ kind: 'hide', lab: { L, a, b } })
const kind = computed(() => (store.answer?.tone.kind === 'skin' ? 'skin' : 'hide'))
</script>

<template>
  <PictureFrame
    class="panel"
    label="From a picture"
    :picture="store"
    what="Drop a photograph or scan of a person, a model or a hide here."
    @file="take"
  >
    <template #beside><KeepPicture :shown="store.picture !== undefined" /></template>
    <template #default>
      <PictureTools
        v-model:tool="tool"
        v-model:brush="brush"
        :tools="tools"
        :chosen="store.mask !== undefined"
        @anew="store.choose(undefined)"
        @file="take"
      />
      <p class="soft hint">{{ hint }} {{ assumption }} The picture stays on this machine.</p>
      <PictureCanvas :picture="store" :tool="tool" :brush="brush" />
      <div v-if="store.point" class="one">
        <ColourPatch :lab="store.point.lab" class="swatch" label="The place you clicked" />
        <span>
          L {{ store.point.lab.L.toFixed(1) }} a {{ store.point.lab.a.toFixed(1) }} b
          {{ store.point.lab.b.toFixed(1) }}
        </span>
        <ElButton @click="asHide(store.point.lab)">
          Aim {{ project.figure.name.split(',')[0] }} at this colour
        </ElButton>
      </div>
      <div v-if="store.answer" class="found" aria-live="polite">
        <div class="head">
          <h2>{{ store.answer.tones.length }} tones, dark to light</h2>
          <PickOne v-model="store.count" label="How many" :options="asOptions([3, 4, 5, 6, 7])" />
        </div>
        <div class="strip">
          <ColourPatch
            v-for="({ lab, share }, i) in store.answer.tones"
            :key="i"
            :lab="lab"
            class="tone"
            :style="{ flex: Math.max(0.05, share) }"
            :label="`Tone ${i + 1}, ${Math.round(share * 100)}%`"
          >
            <span aria-hidden="true">{{ Math.round(lab.L) }}</span>
          </ColourPatch>
        </div>
        <p>
          Nearest as {{ kind }}, off by {{ store.answer.off.toFixed(1) }}:
          {{ fitWords(store.answer.off) }}.
          <template v-if="kind === 'hide'">
            The nearest skin would be {{ store.answer.skinOff.toFixed(0) }} off.
          </template>
        </p>
        <ElButton type="primary" @click="project.setTone(store.answer.tone)">
          Use as {{ project.figure.name.split(',')[0] }}’s {{ kind }}
        </ElButton>
      </div>
    </template>
  </PictureFrame>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 10px;
  justify-items: start;
}
.hint {
  margin: 0;
  font-size: 0.9375rem;
}
.one {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
.swatch {
  width: 72px;
  height: 36px;
}
.found {
  width: 100%;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 6px;
}
.strip {
  display: flex;
}
.tone {
  height: 64px;
  display: flex;
  align-items: flex-end;
  padding: 2px 6px;
  font-size: 0.875rem;
}
.found p {
  margin: 6px 0;
}
</style>
