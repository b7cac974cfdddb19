<script setup lang="ts">
import { ref } from 'vue'
import { neutrals } from '../../../../core'
import type { NeutralKey } from '../../../../core'
import PickOne from '../../../parts/field/PickOne.vue'
import PictureCanvas from '../../../parts/picture/PictureCanvas.vue'
import PictureFrame from '../../../parts/picture/PictureFrame.vue'
import PictureTools from '../../../parts/picture/PictureTools.vue'
import { useCritic } from '../../../stores/critic/critic'
import type { PictureTool } from '../../../stores/picture/openPicture'
import { useCriticPicture } from '../../../stores/picture/pictures'
import { useProject } from '../../../stores/project/project'
import CriticWords from './CriticWords.vue'
import PlanFromAfar from './PlanFromAfar.vue'

/** The painted figure against its plan: a photograph, something neutral in it, the skin; then what is said. */
const store = useProject()
const picture = useCriticPicture()
const critic = useCritic()
const tool = ref<PictureTool>('neutral')
const brush = ref(5)
const tools: { key: PictureTool; name: string; hint: string }[] = [
  { key: 'neutral', name: 'Neutral', hint: 'Click the paper or grey beside the figure.' },
  { key: 'lasso', name: 'Lasso', hint: 'Draw round the painted skin; leave hair and cloth out.' },
  { key: 'brush', name: 'Brush', hint: 'Brush over the painted skin; leave hair and cloth out.' },
]
const options = (Object.keys(neutrals) as NeutralKey[]).map((key) => ({
  key,
  name: neutrals[key].name,
}))
const take = (file: File): void => picture.open(file, store.figure.id)
</script>

<template>
  <PictureFrame
    class="critic"
    label="Critic"
    :picture="picture"
    :what="`Drop a photograph of ${store.figure.name.split(',')[0]} as painted so far: in daylight, something white or grey beside it, the camera set to daylight.`"
    @file="take"
  >
    <template #default>
      <PictureTools
        v-model:tool="tool"
        v-model:brush="brush"
        :tools="tools"
        :chosen="picture.mask !== undefined"
        @anew="picture.choose(undefined)"
        @file="take"
      />
      <p class="soft hint">{{ tools.find(({ key }) => key === tool)!.hint }}</p>
      <div class="beside">
        <PictureCanvas :picture="picture" :tool="tool" :brush="brush" />
        <div class="said">
          <PickOne v-model="critic.neutralIs" label="The neutral is" :options="options" />
          <p v-if="!picture.neutral" class="next">Click something neutral in the picture first.</p>
          <p v-else-if="!picture.mask" class="next">Now draw round the painted skin.</p>
          <CriticWords v-else />
        </div>
      </div>
    </template>
    <template #below><PlanFromAfar /></template>
  </PictureFrame>
</template>

<style scoped>
.critic {
  display: grid;
  gap: 10px;
}
.hint,
.next {
  margin: 0;
}
.next {
  font-size: 1.125rem;
}
.beside {
  display: grid;
  grid-template-columns: minmax(220px, 2fr) minmax(300px, 3fr);
  gap: 16px;
  align-items: start;
}
.said {
  display: grid;
  gap: 10px;
}
@media (max-width: 1000px) {
  .beside {
    grid-template-columns: 1fr;
  }
}
</style>
