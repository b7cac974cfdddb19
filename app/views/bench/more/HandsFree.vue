<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import PickOne from '../../../parts/field/PickOne.vue'
import SliderRow from '../../../parts/field/SliderRow.vue'
import { useHandsFree } from '../../../stores/bench/handsFree'

/** What this device does while hands are full. */
const free = useHandsFree()
const sides = [
  { key: 'left' as const, name: 'on the left' },
  { key: 'right' as const, name: 'on the right' },
]
const TRY = 'Mix the base. Two drops of white, one of yellow ochre.'
</script>

<template>
  <section aria-label="Hands free" class="free">
    <p>
      Space, Enter or a pedal that sends Page Down is Done; Backspace or Page Up goes back. The
      screen stays on where the browser allows it.
    </p>
    <PickOne v-model="free.hand" label="Done stands" :options="sides" />
    <ElCheckbox v-model="free.tapLow">A tap on the lower third of the move is Done</ElCheckbox>
    <ElCheckbox v-model="free.spoken" :disabled="!free.canSpeak">Each move is spoken</ElCheckbox>
    <p v-if="!free.canSpeak" class="soft">This browser cannot speak.</p>
    <template v-else-if="free.spoken">
      <PickOne
        v-model="free.voice"
        label="Voice"
        :options="[{ key: '', name: 'the system’s own' }, ...free.voices]"
      />
      <SliderRow
        v-model="free.pace"
        name="Pace"
        :words="`${free.pace} of the usual`"
        :min="0.5"
        :max="2"
        :step="0.1"
      />
      <ElButton class="try" @click="free.say(TRY)">Hear it</ElButton>
    </template>
  </section>
</template>

<style scoped>
.free {
  display: grid;
  gap: 8px;
  max-width: 520px;
}
p {
  margin: 0;
}
.try {
  justify-self: start;
  min-height: 56px;
}
</style>
