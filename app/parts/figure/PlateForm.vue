<script setup lang="ts">
import { ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { longest } from '../../../core'
import { useProject } from '../../stores/project/project'
import HowMany from './HowMany.vue'
import SizeSelect from './SizeSelect.vue'

/** Where the name, the size and the number of a figure are changed. */
const emit = defineEmits<{ done: [] }>()
const store = useProject()
const figure = computed(() => store.figure)
const name = ref(figure.value.name)
const trouble = ref('')
function keepName(): void {
  const given = name.value.trim()
  trouble.value = given === '' ? 'A figure has a name of at least one letter.' : ''
  if (given && given !== figure.value.name) store.setFigure(figure.value.id, { name: given })
}
</script>

<template>
  <form
    class="form"
    aria-label="Name, size and number"
    @keydown.esc="emit('done')"
    @submit.prevent="(keepName(), emit('done'))"
  >
    <label>
      Name
      <ElInput v-model="name" :maxlength="longest.name" aria-label="Name" @change="keepName" />
    </label>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
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
p {
  margin: 0;
  color: var(--ink);
  font-weight: 600;
}
</style>
