<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { mostOf } from '../../../core'
import LadderStrips from '../../parts/LadderStrips.vue'
import { sizeMeaning, sizeWords } from '../../words/sizes'
import { kinds, startingTones, tonesOf } from './answers'
import type { KindKey } from './answers'
import PictureChoice from '../../parts/field/PictureChoice.vue'
import SizePicture from './SizePicture.vue'
import { stripOfTone } from './toneStrip'
import type { LineAnswers } from './useAnswers'

/** Of one kind: how large, how many of each, and which skins or hides; each of those is a figure. */
const props = defineProps<{ kind: KindKey }>()
const said = defineModel<LineAnswers>({ required: true })
const { sizes } = kinds.find(({ key }) => key === props.kind)!
const sizeChoices = sizes.map((one, i) => ({
  key: i,
  name: sizeWords(one),
  note: sizeMeaning(one).split(',')[0]!,
}))
const strips = new Map(startingTones.map(({ key, tone }) => [key, stripOfTone(tone)]))
const set = (made: Partial<LineAnswers>): void => void (said.value = { ...said.value, ...made })
</script>

<template>
  <div class="top">
    <h2>How large</h2>
    <label class="many">
      How many of each, painted alike
      <ElInputNumber
        :model-value="said.many"
        size="large"
        :min="1"
        :max="mostOf.copies"
        :precision="0"
        aria-label="How many of each"
        @update:model-value="set({ many: $event ?? 1 })"
      />
    </label>
  </div>
  <PictureChoice
    v-slot="{ choice }"
    :model-value="said.size"
    label="How large"
    :choices="sizeChoices"
    style="--least: 92px; --most: 112px"
    @update:model-value="set({ size: $event })"
  >
    <SizePicture :size="sizes[choice.key]!" :creature="kind === 'creature'" />
  </PictureChoice>
  <h2>
    Which {{ kind === 'person' ? 'skins' : kind === 'bust' ? 'skin or hide' : 'hides' }}
    <small class="soft">one or several; each is a figure of its own</small>
  </h2>
  <PictureChoice
    v-slot="{ choice }"
    :model-value="said.tones"
    label="Which skins or hides"
    :choices="tonesOf(kind)"
    several
    style="--least: 84px; --most: 112px"
    @update:model-value="set({ tones: $event })"
  >
    <span class="strip">
      <LadderStrips
        :figures="[{ id: choice.key, name: choice.name, many: 1, strip: strips.get(choice.key)! }]"
      />
    </span>
  </PictureChoice>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 18px;
}
h2 {
  padding: 4px 0 6px;
}
h2 small {
  font-weight: 400;
  font-size: 0.9375rem;
}
.strip {
  display: block;
  height: 72px;
}
.many {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px;
  font-size: 1rem;
}
</style>
