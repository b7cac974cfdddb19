<script setup lang="ts">
import { ElButton, ElPopover } from 'element-plus'
import { ref } from 'vue'
import { forms } from '../../../core'
import type { FormKey } from '../../../core'
import PictureChoice from '../field/PictureChoice.vue'

/** Which of our forms a figure is seen on, chosen by its picture. */
defineProps<{ disabled?: boolean }>()
const chosen = defineModel<FormKey>({ required: true })
const choices = (Object.keys(forms) as FormKey[]).map((key) => ({ key, name: forms[key].name }))
const open = ref(false)
function take([key]: FormKey[]): void {
  if (key) chosen.value = key
  open.value = false
}
</script>

<template>
  <ElPopover
    v-model:visible="open"
    trigger="click"
    placement="bottom"
    width="min(520px, 94vw)"
    :teleported="true"
  >
    <template #reference>
      <ElButton
        class="form"
        :disabled="disabled"
        :aria-label="`Form: ${forms[chosen].name}`"
        :aria-expanded="open"
        aria-haspopup="dialog"
      >
        <img :src="`/forms/${chosen}.png`" alt="" />{{ forms[chosen].name }}
      </ElButton>
    </template>
    <PictureChoice
      v-if="open"
      v-slot="{ choice }"
      label="Form"
      :choices="choices"
      :model-value="[chosen]"
      style="--least: 84px; max-height: 62vh; overflow: auto"
      @update:model-value="take"
    >
      <img :src="`/forms/${choice.key}.png`" alt="" class="tile" />
    </PictureChoice>
  </ElPopover>
</template>

<style scoped>
.form {
  height: auto;
  padding: 4px 12px 4px 4px;
}
.form img {
  width: 56px;
  height: 56px;
  margin-right: 10px;
}
.tile {
  display: block;
  width: 100%;
}
</style>
