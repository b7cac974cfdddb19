<script setup lang="ts">
import { ElForm, ElFormItem, ElOption, ElRadioButton, ElRadioGroup, ElSelect } from 'element-plus'
import { computed } from 'vue'
import { asKind, figureKinds, longest } from '../../../core'
import type { Figure } from '../../../core'
import TextField from '../../parts/field/TextField.vue'
import HowMany from '../../parts/figure/HowMany.vue'
import SizeSelect from '../../parts/figure/SizeSelect.vue'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'
import { sizeMeaning } from '../../words/sizes'
import ReferencePicture from './ReferencePicture.vue'
import InTurn from '../../parts/inTurn'

/** What is known of one figure, changed in place; what cannot be is said beside the field. */
const props = defineProps<{ figure: Figure }>()
const store = useProject()
const kindWords: Record<Figure['kind'], string> = {
  person: 'person',
  creature: 'creature',
  dead: 'the dead',
}
const others = computed(() => store.project.figures.filter(({ id }) => id !== props.figure.id))
const set = (made: Partial<Omit<Figure, 'id'>>): boolean => store.setFigure(props.figure.id, made)
const group = computed({
  get: () => store.project.groups?.find(({ id }) => id === props.figure.group)?.name ?? '',
  set: (given: string | undefined) =>
    void store.setGroup(props.figure.id, (given ?? '').slice(0, longest.shortName)),
})
const bottles = computed(() => {
  const { more = [], without = [] } = props.figure.bottles ?? {}
  const named = (ids: readonly string[]): string => ids.map((id) => nameOf(id)).join(', ')
  return [
    more.length ? `has ${named(more)} as well` : '',
    without.length ? `does without ${named(without)}` : '',
  ].filter(Boolean)
})
</script>

<template>
  <ElForm label-position="top" :aria-label="`About ${figure.name}`" @submit.prevent>
    <InTurn>
      <ElFormItem label="Name">
        <TextField
          label="Name"
          needed="A name has at least one letter."
          :value="figure.name"
          :longest="longest.name"
          @write="(name, tag) => store.setFigure(figure.id, { name }, tag)"
        />
      </ElFormItem>
      <ElFormItem label="Kind" data-asks>
        <ElRadioGroup
          :model-value="figure.kind"
          aria-label="Kind"
          @update:model-value="set(asKind(figure, $event as Figure['kind'], others))"
        >
          <ElRadioButton v-for="kind in figureKinds" :key="kind" :value="kind">
            {{ kindWords[kind] }}
          </ElRadioButton>
        </ElRadioGroup>
      </ElFormItem>
      <div class="pair" data-asks>
        <InTurn>
          <ElFormItem label="Size">
            <SizeSelect :model-value="figure.size" @update:model-value="set({ size: $event })" />
          </ElFormItem>
          <ElFormItem label="How many of it">
            <HowMany :figure="figure" />
          </ElFormItem>
        </InTurn>
      </div>
      <p class="soft">{{ sizeMeaning(figure.size) }}</p>
      <ElFormItem label="People, warband or pack">
        <ElSelect
          v-model="group"
          :persistent="false"
          aria-label="People, warband or pack"
          filterable
          allow-create
          default-first-option
          clearable
          placeholder="none; type a name to make one"
        >
          <ElOption
            v-for="one in store.project.groups ?? []"
            :key="one.id"
            :value="one.name"
            :label="one.name"
          />
        </ElSelect>
      </ElFormItem>
      <ElFormItem label="Note">
        <TextField
          label="Note"
          :rows="2"
          :value="figure.note"
          :longest="longest.note"
          @write="(note, tag) => store.setFigure(figure.id, { note }, tag)"
        />
      </ElFormItem>
      <ReferencePicture :figure="figure" />
      <p v-for="line in bottles" :key="line" class="soft">It {{ line }}.</p>
    </InTurn>
  </ElForm>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.pair :deep(.el-input-number) {
  width: 100%;
}
p {
  margin: -6px 0 12px;
  font-size: 0.875rem;
}
</style>
