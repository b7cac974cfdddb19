<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
import { finishes } from '../../../../core'
import type { Finish } from '../../../../core'

/** How a paint dries: a matt surface scatters a little white light over its colour, which is taken out again. */
const finish = defineModel<Finish>({ required: true })
const words: Readonly<Record<Finish, string>> = {
  matt: 'matt, as most paint for figures',
  satin: 'satin',
  gloss: 'gloss',
}
</script>

<template>
  <div>
    <div aria-hidden="true">It dries</div>
    <ElRadioGroup v-model="finish" aria-label="It dries">
      <ElRadio v-for="one in finishes" :key="one" :value="one">{{ words[one] }}</ElRadio>
    </ElRadioGroup>
  </div>
</template>
