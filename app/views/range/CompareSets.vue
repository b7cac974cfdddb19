<script setup lang="ts">
import { ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import GamutRims from '../../charts/GamutRims.vue'
import PaintOption from '../../parts/drawdown/PaintOption.vue'
import { useCompare } from '../../stores/range/compare'
import { useProject } from '../../stores/project/project'
import { rowReach } from '../../stores/range/rows'
import RangeRowLine from './RangeRow.vue'
import RunPicture from './RunPicture.vue'

/** Two sets of bottles side by side, trios or browns: what each closes, and the ladder of the open figure from it. */
const store = useProject()
const names = ['the first', 'the second'] as const
const choices = computed(() => store.inCommission)
const onTable = computed(() => store.onTable.map(({ id }) => id))
/** To begin with: the table, and the table without its last bottle. */
const sets = ref<string[][]>([[...onTable.value], onTable.value.slice(0, -1)])
const { reaches, trouble, busy } = useCompare(() => sets.value)
const rims = computed(() =>
  (reaches.value ?? []).map(({ rim }, i) => ({ name: names[i] ?? `set ${i + 1}`, rim })),
)
const white = computed(() => store.inCommission.find(({ id }) => id === 'titanium-white'))
const run = ref('red-iron-oxide')
const runPaint = computed(
  () => store.inCommission.find(({ id }) => id === run.value) ?? store.inCommission[0],
)
</script>

<template>
  <section aria-label="Compare">
    <div class="both">
      <div class="sets">
        <div v-for="(name, i) in names" :key="name" class="set">
          <label>
            {{ name }}
            <ElSelect
              v-model="sets[i]"
              :persistent="false"
              multiple
              filterable
              :aria-label="`Bottles of ${name}`"
            >
              <PaintOption v-for="paint in choices" :key="paint.id" :paint="paint" />
            </ElSelect>
          </label>
          <ol v-if="reaches?.[i]">
            <RangeRowLine
              :figure="store.figure"
              :row="reaches[i]!.row"
              :near="[]"
              :reach="rowReach([reaches[i]!.row])"
              :grey="false"
              shares
              plain
            />
          </ol>
        </div>
      </div>
      <GamutRims v-if="rims.length" :rims="rims" />
    </div>
    <p v-if="busy" role="status" class="soft">Mixing…</p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <label class="of">
      A run of
      <ElSelect v-model="run" :persistent="false" filterable aria-label="The bottle of the run">
        <PaintOption v-for="paint in choices" :key="paint.id" :paint="paint" />
      </ElSelect>
    </label>
    <RunPicture v-if="runPaint && white" :paint="runPaint" :white="white" />
  </section>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 28px;
}
.sets {
  display: grid;
  gap: 14px;
  align-content: start;
}
label {
  font-size: 0.9375rem;
}
p {
  margin: 6px 0;
}
ol {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.of {
  display: block;
  max-width: 280px;
  padding-top: 12px;
}
@media (max-width: 1000px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
