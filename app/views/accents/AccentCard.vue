<script setup lang="ts">
import type { ZoneTone } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { paintOf } from '../../stores/paints'
import type { AccentReply } from '../../workers/coatsWorker'

/** One place: before and after side by side, the glaze in words, how it reads, and a warning. */
defineProps<{
  zone: ZoneTone
  accent?: AccentReply
  reads: number
  seen: string
  warning?: string
}>()
defineEmits<{ drop: [] }>()
</script>

<template>
  <article class="card">
    <h3>{{ zone.name }}</h3>
    <p v-if="!accent" class="soft">Looking for its glaze…</p>
    <template v-else>
      <div class="swatches">
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
      <p v-if="accent.passes === 0">
        No glaze of this box brings it nearer; leave the skin as it is.
      </p>
      <p v-else>
        {{ accent.parts.map(({ paint, drops }) => `${drops} ${paintOf(paint).name}`).join(' + ') }},
        thinned {{ accent.ratio }} : 1, {{ accent.passes }}
        {{ accent.passes === 1 ? 'pass' : 'passes' }}; {{ accent.deltaE00.toFixed(1) }} from the
        aim.
        <span class="soft">Reads as {{ reads.toFixed(1) }} {{ seen }}.</span>
      </p>
      <p v-if="warning" class="warning">{{ warning }}</p>
    </template>
    <button
      type="button"
      class="plain"
      :aria-label="`Leave ${zone.name} out`"
      @click="$emit('drop')"
    >
      Leave it out
    </button>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  gap: 4px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
  font-size: 15px;
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
  font-size: 14px;
}
p {
  margin: 0;
}
.warning {
  border-left: 4px solid var(--ink-soft);
  padding-left: 8px;
}
button {
  justify-self: start;
}
</style>
