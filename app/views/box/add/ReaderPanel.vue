<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onScopeDispose } from 'vue'
import { labOf, starterPaints } from '../../../../core'
import PickPaint from '../../../parts/field/PickPaint.vue'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useReader } from '../../../stores/reader'

/** The colour reader: whether it is there, its white tile, and, as it is simulated, what lies under it. */
const under = defineModel<string>({ required: true })
const reader = useReader()
void reader.connect()
onScopeDispose(reader.disconnect)
const words = {
  unknown: 'Looking for the reader…',
  away: 'The reader is away.',
  uncalibrated: 'The reader wants its white tile.',
  ready: 'The reader is ready.',
}
</script>

<template>
  <section class="reader" aria-labelledby="reader">
    <h2 id="reader">Reader</h2>
    <p role="status">{{ words[reader.status] }}</p>
    <p v-if="reader.trouble" role="alert">{{ reader.trouble }}.</p>
    <div class="row">
      <ElButton :disabled="reader.busy || reader.status === 'away'" @click="reader.calibrate">
        On its white tile
      </ElButton>
      <ElButton v-if="reader.status === 'away'" @click="reader.connect"> Look again </ElButton>
    </div>
    <PickPaint
      label="Bottle under the reader"
      :paints="starterPaints"
      :model-value="under"
      @update:model-value="under = $event!"
    />
    <p class="soft">
      This {{ reader.name }} has bottles of its own: the starter paints, each a little different,
      read with the noise of a hand-held instrument.
    </p>
    <ul v-if="reader.readings.length" aria-label="Readings">
      <li v-for="(reading, i) in reader.readings.slice(0, 6)" :key="i">
        <ColourPatch :lab="labOf(reading.reflectance!)" class="swatch" /> {{ reading.name }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.reader {
  display: grid;
  gap: 8px;
  font-size: 0.9375rem;
}
p {
  margin: 0;
}
.row {
  display: flex;
  gap: 6px;
}
select {
  display: block;
  width: 100%;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: 0.875rem;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
}
.swatch {
  width: 34px;
  height: 24px;
}
</style>
