<script setup lang="ts">
import { ElInputNumber, ElOption, ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import { lightingLimits, shadowSchoolKeys, shadowSchools, stepCounts } from '../../../core'
import type { Figure, FigurePlan } from '../../../core'
import { useProject } from '../../stores/project/project'

/** Light, shadow, contrast and steps of all figures, of a people, or of the creatures: a change is one undo. */
const store = useProject()
const scope = ref('all')
const scopes = computed(() => {
  const { figures, groups = [] } = store.project
  const kinds = [
    { key: 'all', name: 'all figures', holds: (_: Figure): boolean => true },
    { key: 'person', name: 'people', holds: ({ kind }: Figure) => kind === 'person' },
    { key: 'creature', name: 'creatures', holds: ({ kind }: Figure) => kind === 'creature' },
    { key: 'dead', name: 'the dead', holds: ({ kind }: Figure) => kind === 'dead' },
    ...groups.map(({ id, name }) => ({
      key: `group ${id}`,
      name,
      holds: ({ group }: Figure) => group === id,
    })),
  ]
  return kinds.filter(({ holds }) => figures.some(holds))
})
const meant = computed(() => {
  const holds = scopes.value.find(({ key }) => key === scope.value)?.holds ?? (() => true)
  return store.project.figures.filter(holds)
})
/** What all that are meant have; nothing where they differ. */
function shared<K extends keyof FigurePlan>(name: K): FigurePlan[K] | undefined {
  const [first, ...others] = meant.value.map(({ plan }) => plan[name])
  return others.every((one) => one === first) ? first : undefined
}
const various = <K extends keyof FigurePlan>(name: K): string =>
  new Set(meant.value.map(({ plan }) => plan[name])).size > 1 ? 'various' : ''
const set = (made: Partial<FigurePlan>): void =>
  void store.setPlans(
    meant.value.map(({ id }) => id),
    made,
  )
</script>

<template>
  <section class="group" aria-label="Settings of the group">
    <label>
      For
      <ElSelect v-model="scope" :persistent="false" aria-label="For which figures">
        <ElOption v-for="{ key, name } in scopes" :key="key" :label="name" :value="key" />
      </ElSelect>
    </label>
    <label>
      Steps
      <ElSelect
        :persistent="false"
        :model-value="shared('steps')"
        :placeholder="various('steps')"
        aria-label="Steps of the group"
        @change="set({ steps: $event })"
      >
        <ElOption v-for="n in stepCounts" :key="n" :label="`${n}`" :value="n" />
      </ElSelect>
    </label>
    <label>
      Shadow
      <ElSelect
        :persistent="false"
        :model-value="shared('shadow') ?? (various('shadow') ? undefined : 'violet')"
        :placeholder="various('shadow')"
        aria-label="Shadow of the group"
        @change="set({ shadow: $event })"
      >
        <ElOption
          v-for="key in shadowSchoolKeys.filter((one) => one !== 'paint')"
          :key="key"
          :label="shadowSchools[key].name"
          :value="key"
        />
      </ElSelect>
    </label>
    <label>
      Light, cold to warm
      <ElInputNumber
        :model-value="shared('warmth')"
        :placeholder="various('warmth')"
        :min="lightingLimits.warmth[0]"
        :max="lightingLimits.warmth[1]"
        :step="0.1"
        :precision="2"
        aria-label="Warmth of the group's light"
        @change="$event !== undefined && set({ warmth: $event })"
      />
    </label>
    <label>
      Contrast
      <ElInputNumber
        :model-value="shared('contrast')"
        :placeholder="various('contrast')"
        :min="lightingLimits.contrast[0]"
        :max="lightingLimits.contrast[1]"
        :step="0.1"
        :precision="2"
        aria-label="Contrast of the group"
        @change="$event !== undefined && set({ contrast: $event })"
      />
    </label>
  </section>
</template>

<style scoped>
.group {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  padding: 4px 0 10px;
}
label {
  font-size: 0.875rem;
}
.group :deep(.el-select) {
  display: block;
  width: 150px;
}
.group :deep(.el-input-number) {
  display: flex;
  width: 132px;
}
</style>
