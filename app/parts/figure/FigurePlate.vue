<script setup lang="ts">
import { ElPopover } from 'element-plus'
import { ref } from 'vue'
import { useProject } from '../../stores/project/project'
import { figureNote } from '../../words/sizes'
import { later } from '../later'

/** What a figure is called, how large it is and how many there are of it: said in a line, and changed there. */
const store = useProject()
const PlateForm = later(() => import('./PlateForm.vue'))
const open = ref(false)
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
  >
    <template #reference>
      <button
        type="button"
        class="plate"
        :aria-expanded="open"
        :aria-label="`${figureNote(store.figure) || 'Size and number'}; change name, size and number`"
      >
        {{ figureNote(store.figure) }}
      </button>
    </template>
    <PlateForm @done="open = false" />
  </ElPopover>
</template>
