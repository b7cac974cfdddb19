<script lang="ts">
/** One for all rows: making it takes longer than a row does. */
const dates = new Intl.DateTimeFormat(undefined, { dateStyle: 'medium', timeStyle: 'short' })
</script>

<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { deltaE00, longest, remixed } from '../../../core'
import type { LogEntry } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { photoOf } from '../../vault/photos'
import { useProject } from '../../stores/project/project'

/** One mix: predicted and real, its picture, mixed again for another amount, or kept as a target. */
const props = defineProps<{
  entry: LogEntry
  names: ReadonlyMap<string, string>
  /** The figure as it is called now. */
  who: string
}>()
const store = useProject()
const off = computed(() =>
  props.entry.real ? deltaE00(props.entry.predicted, props.entry.real) : undefined,
)
const words = (parts: LogEntry['parts']): string =>
  parts.map(({ paint, drops }) => `${drops} ${props.names.get(paint) ?? paint}`).join(' + ')
const dated = computed(() => dates.format(new Date(props.entry.at)))
const drops = ref(props.entry.parts.reduce((sum, part) => sum + part.drops, 0))
const again = computed(() => {
  try {
    return words(remixed(props.entry.parts, drops.value))
  } catch (error) {
    return (error as Error).message
  }
})
const kept = ref(false)
function keep(): void {
  const { L, a, b } = props.entry.real ?? props.entry.predicted
  const name = `from the log: ${props.entry.what}`.slice(0, longest.shortName)
  store.keepTones([{ name, tone: { kind: 'hide', lab: { L, a, b } } }])
  kept.value = true
}
const picture = ref('')
const forget = (): void => URL.revokeObjectURL(picture.value)
watch(
  () => props.entry.photo,
  async (id) => {
    const found = id ? await photoOf(id).catch(() => null) : null
    forget()
    picture.value = found ? URL.createObjectURL(found) : ''
  },
  { immediate: true },
)
onBeforeUnmount(forget)
</script>

<template>
  <li>
    <span class="split">
      <ColourPatch :lab="entry.predicted" label="Predicted" />
      <ColourPatch v-if="entry.real" :lab="entry.real" label="Came out" />
    </span>
    <div>
      <b>{{ entry.what }}</b>
      <span class="soft who">{{ who }} · {{ dated }}</span>
      <span class="mix">
        {{ words(entry.parts)
        }}<template v-if="entry.thinner !== undefined">, thinned {{ entry.thinner }} : 1</template
        ><template v-if="entry.minutes">, {{ entry.minutes }} min</template>
      </span>
      <span v-if="entry.note">“{{ entry.note }}”</span>
      <details>
        <summary>Again</summary>
        <label>
          Drops in all
          <input v-model.number="drops" class="text-field" type="number" min="1" max="400" />
        </label>
        <p>{{ again }}</p>
        <button type="button" class="plain" :disabled="kept" @click="keep">
          {{ kept ? 'Kept under Tone' : 'Keep it as a target' }}
        </button>
      </details>
    </div>
    <img v-if="picture" :src="picture" :alt="`Picture of ${entry.what}`" />
    <span class="numbers">{{
      off === undefined ? 'not measured' : `off by ${off.toFixed(1)}`
    }}</span>
    <button
      type="button"
      class="plain"
      :aria-label="`Strike out ${entry.what}`"
      @click="store.dropFromLog(entry.id)"
    >
      Strike out
    </button>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 108px minmax(0, 1fr) auto auto auto;
  gap: 14px;
  align-items: center;
  border-top: 1px solid var(--field-low);
  padding: 6px 0;
  font-size: 15px;
}
.split {
  display: flex;
  height: 48px;
}
.split > * {
  flex: 1;
}
.mix {
  display: block;
}
.who {
  margin-left: 10px;
}
img {
  height: 72px;
  max-width: 110px;
  object-fit: cover;
}
input {
  width: 80px;
}
p {
  margin: 4px 0;
}
@media (max-width: 640px) {
  li {
    grid-template-columns: 80px minmax(0, 1fr);
  }
}
</style>
