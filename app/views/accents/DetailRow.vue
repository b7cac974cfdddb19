<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import ColourPatch from '../../parts/ColourPatch.vue'
import MixSlot from '../../parts/palette/MixSlot.vue'
import type { ShownDetail } from '../../stores/accents/details'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'
import { madeInWords } from '../../words/amounts'

/** An eye, teeth, claws: painted on this figure or not, its three tones, and what each is mixed of. */
defineProps<{ detail: ShownDetail }>()
const store = useProject()
const palette = usePalette()
</script>

<template>
  <div class="little">
    <ElCheckbox
      :model-value="detail.on"
      :aria-label="`${detail.name}: painted on this figure`"
      @change="store.toggleDetail(detail.key)"
    />
    <span class="swatches">
      <template v-for="tone in detail.tones" :key="tone.tone">
        <ColourPatch v-if="tone.lab" :lab="tone.lab" class="patch" />
      </template>
    </span>
    <div>
      <b>{{ detail.name }}</b> <span class="soft">{{ detail.words }}</span>
      <span v-if="detail.on" class="slots">
        <MixSlot
          v-for="tone in detail.tones"
          :key="tone.tone"
          :what="`${detail.name}, ${tone.tone}`"
          :of="tone.of"
          :lab="tone.lab"
          :instead="madeInWords(tone.made, (of) => palette.palette.nameOf(of))"
          @put="store.setDetail(detail.key, { [tone.tone]: $event })"
        />
      </span>
    </div>
  </div>
</template>

<style scoped>
.little {
  display: grid;
  grid-template-columns: 24px 108px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  font-size: 0.875rem;
}
.swatches {
  display: flex;
  height: 36px;
}
.patch {
  flex: 1;
}
.slots {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  padding-top: 4px;
}
</style>
