<script setup lang="ts">
import {
  ElButton,
  ElCheckboxButton,
  ElCheckboxGroup,
  ElRadioButton,
  ElRadioGroup,
} from 'element-plus'
import { computed, ref } from 'vue'
import { EVERYWHERE, lightPlaces, mostOf, reliefPlaces, shareOfPlace } from '../../../core'
import type { LightPlace, Place, ReliefPlace, Side, Spot, Where } from '../../../core'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import { lightNames, placeWords, reliefNames } from '../../words/places'
import { later } from '../later'
import PlacePicture from './PlacePicture.vue'

/** Where paint goes: pointed at on the form, said by light, relief, side and places of life; several may hold. */
const props = defineProps<{
  place: Place
  zones: readonly { key: string; name: string }[]
}>()
const emit = defineEmits<{ put: [place: Place] }>()
const ladder = useLadder()
const store = useProject()
/** What draws the form is large. */
const FormCanvas = later(() => import('../form/FormCanvas.vue'))

/** Which of several places is being said. */
const at = ref(0)
const where = computed<Where>(() => props.place[at.value] ?? {})
/** What holds for anything is not said. */
function cleaned({ relief = [], light = [], side, down, zones = [], but = [] }: Where): Where {
  return {
    ...(relief.length > 0 ? { relief } : {}),
    ...(light.length > 0 && light.length < lightPlaces.length ? { light } : {}),
    ...(side ? { side } : {}),
    ...(down === undefined ? {} : { down }),
    ...(zones.length > 0 ? { zones } : {}),
    ...(but.length > 0 ? { but } : {}),
  }
}
const set = (made: Partial<Where>): void =>
  emit(
    'put',
    props.place.map((one, i) => (i === at.value ? cleaned({ ...one, ...made }) : one)),
  )
const toggled = <T,>(list: readonly T[] = [], one: T): T[] =>
  list.includes(one) ? list.filter((other) => other !== one) : [...list, one]
/** What was pointed at is meant, or is no longer. */
function pointed({ light, relief, down }: Omit<Spot, 'zone'>): void {
  const deep = relief === 'deepest' || relief === 'recess'
  if (deep) set({ relief: toggled(where.value.relief, relief) })
  else if (down && where.value.down) set({ down: undefined })
  else set({ light: toggled(where.value.light, light) })
}
function also(): void {
  emit('put', [...props.place, { light: ['glint'] }])
  at.value = props.place.length
}
function without(i: number): void {
  emit('put', props.place.length === 1 ? EVERYWHERE : props.place.filter((_, k) => k !== i))
  at.value = 0
}
const share = computed(() => Math.round(100 * shareOfPlace(props.place, ladder.spots)))
</script>

<template>
  <div class="chooser">
    <div class="pictures">
      <div class="form">
        <FormCanvas :place="place" @spot="pointed" />
      </div>
      <PlacePicture
        class="drawing"
        :place="place"
        :kind="store.figure.tone.kind"
        :label="`On the drawing: ${placeWords(place, zones)}`"
      />
    </div>
    <div class="said">
      <p class="words" role="status">
        <b>{{ placeWords(place, zones) }}</b>, about {{ share }}% of the skin
      </p>
      <p class="soft">Press on the form to mean what lies so, press again to leave it out.</p>
      <div v-if="place.length > 1" class="several" role="group" aria-label="Any of these">
        <span v-for="(one, i) in place" :key="i">
          <ElButton
            :type="i === at ? 'primary' : 'default'"
            :aria-pressed="i === at"
            @click="at = i"
          >
            {{ placeWords([one], zones) }}
          </ElButton>
          <ElButton text :aria-label="`Leave out ${placeWords([one], zones)}`" @click="without(i)">
            ×
          </ElButton>
        </span>
      </div>
      <h3>Light</h3>
      <ElCheckboxGroup
        :model-value="[...(where.light ?? [])]"
        aria-label="Light"
        @update:model-value="set({ light: $event as LightPlace[] })"
      >
        <ElCheckboxButton v-for="one in lightPlaces" :key="one" :value="one">
          {{ lightNames[one] }}
        </ElCheckboxButton>
      </ElCheckboxGroup>
      <h3>How it lies</h3>
      <ElCheckboxGroup
        :model-value="[...(where.relief ?? []), ...(where.down ? ['down'] : [])]"
        aria-label="How it lies"
        @update:model-value="
          set({
            relief: ($event as string[]).filter((one) => one !== 'down') as ReliefPlace[],
            down: ($event as string[]).includes('down') ? true : undefined,
          })
        "
      >
        <ElCheckboxButton v-for="one in reliefPlaces" :key="one" :value="one">
          {{ reliefNames[one] }}
        </ElCheckboxButton>
        <ElCheckboxButton value="down">what faces down</ElCheckboxButton>
      </ElCheckboxGroup>
      <h3>Side</h3>
      <ElRadioGroup
        :model-value="where.side ?? 'both'"
        aria-label="Side"
        @update:model-value="set({ side: $event === 'both' ? undefined : ($event as Side) })"
      >
        <ElRadioButton value="left">left</ElRadioButton>
        <ElRadioButton value="both">both</ElRadioButton>
        <ElRadioButton value="right">right</ElRadioButton>
      </ElRadioGroup>
      <h3>Places of life</h3>
      <ElRadioGroup
        :model-value="where.but?.length ? 'but' : 'on'"
        aria-label="Only there, or everywhere but there"
        @update:model-value="
          $event === 'but'
            ? set({ but: where.zones ?? [], zones: [] })
            : set({ zones: where.but ?? [], but: [] })
        "
      >
        <ElRadioButton value="on">only on</ElRadioButton>
        <ElRadioButton value="but">not on</ElRadioButton>
      </ElRadioGroup>
      <ElCheckboxGroup
        :model-value="[...(where.zones ?? []), ...(where.but ?? [])]"
        aria-label="Places of life"
        @update:model-value="
          set(where.but?.length ? { but: $event as string[] } : { zones: $event as string[] })
        "
      >
        <ElCheckboxButton v-for="zone in zones" :key="zone.key" :value="zone.key">
          {{ zone.name }}
        </ElCheckboxButton>
      </ElCheckboxGroup>
      <p class="tools">
        <ElButton :disabled="place.length >= mostOf.wheres" @click="also"
          >Or somewhere else too</ElButton
        >
        <ElButton @click="(emit('put', EVERYWHERE), (at = 0))">All over</ElButton>
      </p>
    </div>
  </div>
</template>

<style scoped>
.chooser {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr);
  gap: 20px;
}
.pictures {
  display: grid;
  grid-template-rows: 330px 190px;
  gap: 8px;
  align-content: start;
}
.form,
.drawing {
  background: var(--field);
}
.said {
  display: grid;
  gap: 6px;
  align-content: start;
}
.words {
  font-size: 1.125rem;
}
h3 {
  padding-top: 6px;
}
p {
  margin: 0;
}
.several {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
}
.tools {
  padding-top: 8px;
}
@media (max-width: 760px) {
  .chooser {
    grid-template-columns: minmax(0, 1fr);
  }
  .pictures {
    grid-template-rows: 240px 120px;
  }
}
</style>
