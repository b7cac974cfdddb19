<script setup lang="ts">
import { ElButton, ElInputNumber, ElOption, ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import { mostOf } from '../../../core'
import FewCurve from '../../charts/FewCurve.vue'
import { fewWishes } from '../../stores/range/fewWishes'
import type { useFew } from '../../stores/range/few'
import { fewWords, onTableWords } from '../../words/range'

/** How many bottles, and the best so many: a curve, a number, and how sure it is. */
const props = defineProps<{
  few: ReturnType<typeof useFew>
  /** Only how many, and how sure it is. */
  short?: boolean
}>()
const size = ref(Math.max(2, props.few.table.value.length || 6))
const most = computed(() => Math.min(mostOf.palette, props.few.from.value.length))
const { answer, busy } = props.few.best
const points = computed(() =>
  props.few.curve.value.map(({ set, mean, worst }) => ({ size: set.length, mean, worst })),
)
const here = computed(() => {
  const changes = props.few.changes.value
  const many = props.few.table.value.length
  return changes && many > 1 ? { size: many, mean: changes.mean } : undefined
})
function find(many: number): void {
  size.value = many
  props.few.best.ask(many)
}
const status = computed(() => {
  const { progress, trouble } = props.few
  if (trouble.value && trouble.value !== 'stopped') return trouble.value
  if (progress.value !== undefined)
    return `Weighing what ${props.few.from.value.length} bottles mix… ${Math.round(100 * progress.value)}%`
  const found = answer.value
  if (found && found.set.join() === props.few.table.value.join()) return fewWords(found, busy.value)
  const changes = props.few.changes.value
  return changes && here.value ? onTableWords(here.value.size, changes) : ''
})
</script>

<template>
  <section class="few" aria-label="How few bottles">
    <FewCurve v-if="!short" :points="points" :here="here" @choose="find" />
    <div class="ask">
      <ElButton type="primary" :disabled="!few.ready.value" @click="find(size)">
        Find the best
      </ElButton>
      <ElInputNumber
        v-model="size"
        :min="2"
        :max="most"
        aria-label="How many bottles"
        class="many"
      />
      <ElButton v-if="busy" @click="few.stop()">Stop</ElButton>
    </div>
    <template v-if="!short">
      <ElSelect
        :persistent="false"
        :model-value="[...few.wishes.value]"
        multiple
        placeholder="rather …"
        aria-label="Wishes of the bottles"
        @update:model-value="few.wish($event)"
      >
        <ElOption
          v-for="(name, key) in fewWishes"
          :key="key"
          :label="`rather ${name}`"
          :value="key"
        />
      </ElSelect>
      <ElSelect
        :persistent="false"
        :model-value="[...few.keptOut.value]"
        multiple
        filterable
        placeholder="never …"
        aria-label="Bottles that are not to be found"
        @update:model-value="few.keepOut($event)"
      >
        <ElOption
          v-for="{ id, name } in few.from.value.filter(({ id }) => !few.pinned.value.includes(id))"
          :key="id"
          :label="`never ${name}`"
          :value="id"
        />
      </ElSelect>
    </template>
    <p role="status">{{ status }}</p>
  </section>
</template>

<style scoped>
.few {
  display: grid;
  gap: 6px;
  align-content: start;
}
.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.many {
  width: 116px;
}
p {
  margin: 0;
  font-size: 0.9375rem;
  line-height: 1.25;
  min-height: 2.5em;
}
</style>
