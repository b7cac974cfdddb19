<script setup lang="ts" generic="Key extends string">
import type { FigurePlan } from '../../../../core'
import LadderChoice from '../../../parts/field/LadderChoice.vue'
import PickPaint from '../../../parts/field/PickPaint.vue'
import { useProject } from '../../../stores/project/project'

/** A school of shadow or of light as the ladder that it gives, what it does, and the paint of the one that follows a paint. */
const props = defineProps<{
  of: 'shadow' | 'light'
  shown: string
  keys: readonly Key[]
  schools: Readonly<Record<Key, { name: string; does: string; when: string }>>
  school: Key
  /** What choosing one changes in the plan. */
  made: (key: Key) => Partial<FigurePlan>
}>()
const store = useProject()
const paintIn = `${props.of}Paint` as const
/** A paint for the school that follows one, so that the choice does something at once. */
const whole = (key: Key): Partial<FigurePlan> => ({
  ...props.made(key),
  ...(key === 'paint' && !store.plan[paintIn] ? { [paintIn]: store.paintsIn[0]?.id } : {}),
})
</script>

<template>
  <LadderChoice
    :label="`School of ${of}`"
    :shown="shown"
    :choices="keys.map((key) => ({ key, name: schools[key].name, made: whole(key) }))"
    :model-value="school"
    @update:model-value="store.setPlan(whole($event))"
  />
  <p class="soft">{{ schools[school].does }} {{ schools[school].when }}</p>
  <PickPaint
    v-if="school === 'paint'"
    :label="`Paint of the ${of}`"
    :paints="store.paintsIn"
    :model-value="store.plan[paintIn]"
    @update:model-value="store.setPlan({ [paintIn]: $event })"
  />
</template>
