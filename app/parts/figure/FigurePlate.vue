<script setup lang="ts">
import { ElInput, ElPopover } from 'element-plus'
import { computed, ref } from 'vue'
import { longest } from '../../../core'
import { useProject } from '../../stores/project/project'
import { figureNote } from '../../words/sizes'
import HowMany from './HowMany.vue'
import SizeSelect from './SizeSelect.vue'

/** What a figure is called, how large it is and how many there are of it: said in a line, and changed there. */
const store = useProject()
const figure = computed(() => store.figure)
const name = ref('')
const trouble = ref('')
const open = ref(false)
function begin(): void {
  name.value = figure.value.name
  trouble.value = ''
}
function keepName(): void {
  const given = name.value.trim()
  trouble.value = given === '' ? 'A figure has a name of at least one letter.' : ''
  if (given && given !== figure.value.name) store.setFigure(figure.value.id, { name: given })
}
</script>

<template>
  <ElPopover
    v-model:visible="open"
    trigger="click"
    width="320"
    placement="bottom-start"
    :show-arrow="false"
    :teleported="false"
    :persistent="false"
    @before-enter="begin"
  >
    <template #reference>
      <button
        type="button"
        class="plate"
        :aria-expanded="open"
        :aria-label="`${figureNote(figure) || 'Size and number'}; change name, size and number`"
      >
        {{ figureNote(figure) }}
      </button>
    </template>
    <form
      class="form"
      aria-label="Name, size and number"
      @keydown.esc="open = false"
      @submit.prevent="(keepName(), (open = false))"
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
  </ElPopover>
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
