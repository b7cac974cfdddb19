<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import {
  bottleParts,
  deltaE00,
  dispensed,
  dropsIn,
  isBottle,
  longest,
  readByOf,
} from '../../../core'
import type { LogEntry } from '../../../core'
import AmountField from '../../parts/field/AmountField.vue'
import ColourPatch from '../../parts/ColourPatch.vue'
import KeptPhoto from '../../parts/picture/KeptPhoto.vue'
import { givenInWords, partWords } from '../../words/amounts'
import { momentWords } from '../../words/moment'
import { partsInWords } from '../../words/parts'
import { readByWords } from '../../words/readBy'
import { useProject } from '../../stores/project/project'
import FoldOut from '../../parts/FoldOut.vue'

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
const readBy = computed(() => readByOf(props.entry))
const named = (paint: string): string => props.names.get(paint) ?? paint
/** What was put together: puddles by the names they had, or bottles. */
const words = computed(() =>
  props.entry.poured
    ? props.entry.poured.map(({ name, drops }) => partWords(drops, name)).join(' + ')
    : partsInWords(props.entry.parts, named),
)
const dated = computed(() => momentWords(props.entry.at))
const drops = ref(Math.max(1, Math.round(dropsIn(props.entry.parts))))
/** The same mix again for another amount, in drops that can be counted. */
const again = computed(() => {
  const { parts, poured } = props.entry
  const together =
    poured?.map(({ name, drops: n }) => ({ of: { puddle: name }, drops: n })) ?? bottleParts(parts)
  const given = dispensed(
    together.map((part) => part.drops),
    drops.value,
  )
  return givenInWords({ of: { puddle: '' }, parts: together, given }, (of) =>
    isBottle(of) ? named(of.bottle) : of.puddle,
  )
})
const kept = ref(false)
function keep(): void {
  const { L, a, b } = props.entry.real ?? props.entry.predicted
  const name = `from the log: ${props.entry.what}`.slice(0, longest.shortName)
  store.keepTones([{ name, tone: { kind: 'hide', lab: { L, a, b } } }])
  kept.value = true
}
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
        {{ words }}<template v-if="entry.thinner">, thinned {{ entry.thinner }} : 1</template
        ><template v-if="entry.minutes">, {{ entry.minutes }} min</template>
      </span>
      <span v-if="entry.note">“{{ entry.note }}”</span>
      <FoldOut name="Again">
        <AmountField
          class="drops"
          label="Drops in all"
          :min="1"
          :max="400"
          :model-value="drops"
          @update:model-value="drops = $event!"
        />
        <p>{{ again }}</p>
        <ElButton :disabled="kept" @click="keep">
          {{ kept ? 'Kept under Tone' : 'Keep it as a target' }}
        </ElButton>
      </FoldOut>
    </div>
    <KeptPhoto :photo="entry.photo" :alt="`Picture of ${entry.what}`" class="photo" />
    <span class="numbers">
      {{ off === undefined ? 'not measured' : `off by ${off.toFixed(1)}` }}
      <span v-if="readBy" class="soft by">{{ readByWords[readBy] }}</span>
    </span>
    <ElButton :aria-label="`Strike out ${entry.what}`" @click="store.dropFromLog(entry.id)">
      Strike out
    </ElButton>
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
  font-size: 0.9375rem;
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
.by {
  display: block;
}
.who {
  margin-left: 10px;
}
.photo {
  height: 72px;
  max-width: 110px;
}
.drops {
  width: 110px;
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
