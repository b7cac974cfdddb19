<script setup lang="ts">
import { computed } from 'vue'
import { longest } from '../../../core'
import { useProject } from '../../stores/project/project'
import TextField from '../field/TextField.vue'
import HowMany from './HowMany.vue'
import SizeSelect from './SizeSelect.vue'

/** Where the name, the size and the number of a figure are changed. */
const emit = defineEmits<{ done: [] }>()
const store = useProject()
const figure = computed(() => store.figure)
</script>

<template>
  <form
    class="form"
    aria-label="Name, size and number"
    @keydown.esc="emit('done')"
    @submit.prevent="emit('done')"
  >
    <label>
      Name
      <TextField
        label="Name"
        needed="A figure has a name of at least one letter."
        :value="figure.name"
        :longest="longest.name"
        @write="(name, tag) => store.setFigure(figure.id, { name }, tag)"
      />
    </label>
    <label>
      Size
      <SizeSelect
        :model-value="figure.size"
        @update:model-value="store.setFigure(figure.id, { size: $event })"
      />
    </label>
    <label>
      How many of it
      <HowMany :figure="figure" />
    </label>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
}
label {
  display: grid;
  gap: 2px;
  color: var(--ink);
}
</style>
