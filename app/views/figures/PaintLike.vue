<script setup lang="ts">
import { ElButton, ElCheckbox, ElCheckboxGroup, ElDialog } from 'element-plus'
import { computed, ref } from 'vue'
import { copyable } from '../../../core'
import type { Copyable, Figure } from '../../../core'
import { useProject } from '../../stores/project/project'
import { manyWords } from '../../words/counts'

/** Others are painted like one figure: what of it, and which others. */
const props = defineProps<{ figure: Figure }>()
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ done: [words: string] }>()
const store = useProject()
const words: Record<Copyable, string> = {
  tone: 'what it aims at',
  ladder: 'its ladder and mixes',
  coats: 'its coats',
  accents: 'its places of life',
  bottles: 'its bottles',
  bench: 'how it stands at the bench',
}
const what = ref<Copyable[]>(['tone', 'ladder', 'coats', 'accents'])
const others = ref<string[]>([])
const offered = computed(() => store.project.figures.filter(({ id }) => id !== props.figure.id))
const sameGroup = computed(() =>
  offered.value.filter(({ group }) => group !== undefined && group === props.figure.group),
)
const all = (list: readonly Figure[]): void => {
  others.value = list.map(({ id }) => id)
}
function paint(): void {
  if (!store.paintLike(props.figure.id, others.value, what.value)) return
  const them = manyWords(others.value.length, 'figure is', 'figures are')
  emit('done', `${them} painted like ${props.figure.name}.`)
  others.value = []
  open.value = false
}
</script>

<template>
  <ElDialog v-model="open" :title="`Paint others like ${figure.name}`" width="560" append-to-body>
    <h3>They take over</h3>
    <ElCheckboxGroup v-model="what" aria-label="What they take over">
      <ElCheckbox v-for="one in copyable" :key="one" :value="one">{{ words[one] }}</ElCheckbox>
    </ElCheckboxGroup>
    <h3>
      Which
      <ElButton text @click="all(offered)">all of them</ElButton>
      <ElButton v-if="sameGroup.length" text @click="all(sameGroup)">its own group</ElButton>
    </h3>
    <ElCheckboxGroup v-model="others" class="others" aria-label="Which figures">
      <ElCheckbox v-for="{ id, name } in offered" :key="id" :value="id">{{ name }}</ElCheckbox>
    </ElCheckboxGroup>
    <template #footer>
      <ElButton @click="open = false">Cancel</ElButton>
      <ElButton type="primary" :disabled="!what.length || !others.length" @click="paint">
        Paint {{ others.length || '' }} like this one
      </ElButton>
    </template>
  </ElDialog>
</template>

<style scoped>
h3 {
  padding: 8px 0 2px;
  display: flex;
  align-items: center;
  gap: 8px;
}
.others {
  max-height: 40vh;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  align-items: flex-start;
}
</style>
