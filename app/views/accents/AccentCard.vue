<script setup lang="ts">
import { ElButton, ElInputNumber } from 'element-plus'
import { computed } from 'vue'
import { range } from '../../../core'
import type { FigureAccent, Ingredient, ZoneTone } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import MixSlot from '../../parts/palette/MixSlot.vue'
import type { Glaze } from '../../stores/accents/glazes'
import { useAccents } from '../../stores/accents/accents'
import { glazedWith } from '../../stores/palette/figurePaint'
import { useProject } from '../../stores/project/project'
import { usePalette } from '../../stores/palette/palette'
import { madeInWords } from '../../words/amounts'

/** One place: before and after side by side, what it is glazed with, how thin, how often, and how it reads. */
const props = defineProps<{
  zone: ZoneTone
  chosen: FigureAccent
  accent?: Glaze
  reads: number
  seen: string
  warning?: string
}>()
const emit = defineEmits<{ drop: []; set: [made: Partial<FigureAccent>] }>()
const store = usePalette()
const project = useProject()
const accents = useAccents()
const foundLab = computed(() => props.accent && store.palette.look(props.accent.made).lab)
/** What was found stays as thin and as often laid, until the painter says otherwise. */
const put = (of: Ingredient): void =>
  emit('set', {
    of,
    ...(props.accent && props.accent.passes > 0 && !props.chosen.of
      ? { thinner: props.accent.ratio, passes: props.accent.passes }
      : {}),
  })
/** What was found becomes the painter's own once it is laid otherwise. */
function lay(made: Pick<FigureAccent, 'thinner'> | Pick<FigureAccent, 'passes'>): void {
  const now = glazedWith(project.figure.id, props.zone.key, accents.found)
  if (props.chosen.of) return emit('set', made)
  const of = now && store.settled(now)
  if (of && props.accent)
    emit('set', { of, thinner: props.accent.ratio, passes: props.accent.passes, ...made })
}
</script>

<template>
  <article class="card">
    <h3>{{ zone.name }}</h3>
    <div v-if="accent" class="swatches">
      <ColourPatch :lab="accent.before" :label="`${zone.name}, before`"
        ><span>before</span></ColourPatch
      >
      <ColourPatch :lab="accent.after" :label="`${zone.name}, after`"
        ><span>after</span></ColourPatch
      >
      <ColourPatch :lab="accent.target" :label="`${zone.name}, aimed at`"
        ><span>aim</span></ColourPatch
      >
    </div>
    <p v-else class="soft">Looking for its glaze…</p>
    <MixSlot
      :what="zone.name"
      :of="chosen.of"
      :lab="foundLab"
      :instead="
        accent
          ? accent.passes === 0
            ? 'no glaze of this box brings it nearer'
            : madeInWords(accent.made, (of) => store.palette.nameOf(of))
          : 'looking…'
      "
      @put="put"
    />
    <div v-if="accent && (accent.passes > 0 || chosen.of)" class="how">
      <label>
        thinned
        <ElInputNumber
          size="small"
          :model-value="accent.ratio"
          :min="range.thinner[0]"
          :max="range.thinner[1]"
          :step="1"
          :aria-label="`${zone.name}, parts of thinner to one of paint`"
          @update:model-value="lay({ thinner: $event ?? 6 })"
        />
        : 1
      </label>
      <label>
        passes
        <ElInputNumber
          size="small"
          :model-value="accent.passes"
          :min="1"
          :max="range.passes[1]"
          :precision="0"
          :aria-label="`${zone.name}, passes`"
          @update:model-value="lay({ passes: $event ?? 1 })"
        />
      </label>
    </div>
    <p v-if="accent">
      {{ accent.deltaE00.toFixed(1) }} from the aim.
      <span class="soft">Reads as {{ reads.toFixed(1) }} {{ seen }}.</span>
    </p>
    <p v-if="warning" class="warning">{{ warning }}</p>
    <p class="tools">
      <ElButton
        v-if="chosen.of"
        @click="$emit('set', { of: undefined, thinner: undefined, passes: undefined })"
      >
        Have it found
      </ElButton>
      <ElButton :aria-label="`Leave it out: ${zone.name}`" @click="$emit('drop')">
        Leave it out
      </ElButton>
    </p>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  gap: 4px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
  font-size: 0.9375rem;
}
.swatches {
  display: flex;
  height: 52px;
}
.swatches > * {
  flex: 1;
  display: flex;
  align-items: flex-end;
}
.swatches span {
  padding: 2px 6px;
  font-size: 0.875rem;
}
p {
  margin: 0;
}
.warning {
  border-left: 4px solid var(--ink-soft);
  padding-left: 8px;
}
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.how :deep(.el-input-number) {
  width: 96px;
}
.tools {
  display: flex;
}
</style>
