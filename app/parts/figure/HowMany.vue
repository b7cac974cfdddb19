<script setup lang="ts">
import { ElInputNumber } from 'element-plus'
import { mostOf } from '../../../core'
import type { Figure } from '../../../core'
import { useProject } from '../../stores/project/project'

/** How many of a figure are painted alike. */
const props = defineProps<{ figure: Pick<Figure, 'id' | 'many'> }>()
const store = useProject()
const set = (many: number | undefined): void => {
  if (many !== undefined) store.setFigure(props.figure.id, { many })
}
</script>

<template>
  <ElInputNumber
    :model-value="figure.many"
    :min="1"
    :max="mostOf.copies"
    :precision="0"
    aria-label="How many of it"
    @update:model-value="set"
  />
</template>
