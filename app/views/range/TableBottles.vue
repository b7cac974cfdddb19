<script setup lang="ts">
import { Close, Lock, Plus, Unlock } from '@element-plus/icons-vue'
import { ElButton, ElSelect } from 'element-plus'
import { computed } from 'vue'
import { cautions, mostOf } from '../../../core'
import type { Paint } from '../../../core'
import DrawdownCard from '../../parts/drawdown/DrawdownCard.vue'
import PaintOption from '../../parts/drawdown/PaintOption.vue'
import type { useFew } from '../../stores/range/few'
import { useProject } from '../../stores/project/project'
import { vTip } from '../../parts/tip/tip'

/** The few bottles on the table as drawdowns: pinned, taken off, and what another would bring. */
const props = defineProps<{ few: ReturnType<typeof useFew> }>()
const store = useProject()
const byId = computed(() => new Map(store.paints.map((paint) => [paint.id, paint])))
const bottles = computed(() =>
  props.few.table.value.flatMap((id) => byId.value.get(id) ?? ([] as Paint[])),
)
/** Where no table was chosen all that is in may be mixed: so many of them are shown. */
const SHOWN = 16
const untabled = computed(() => (bottles.value.length > 0 ? [] : store.inCommission))
const worth = computed(
  () => new Map(props.few.changes.value?.worth.map(({ bottle, mean }) => [bottle, mean])),
)
const least = computed(() => props.few.changes.value?.worth[0]?.bottle)
/** What may come on the table, that which brings most first. */
const others = computed(() => {
  const brings = props.few.changes.value?.brings ?? []
  const order = new Map(brings.map(({ bottle, mean }, i) => [bottle, { i, mean }]))
  return store.inCommission
    .filter(({ id }) => !props.few.table.value.includes(id))
    .map((paint) => ({ paint, brings: order.get(paint.id) }))
    .sort((one, other) => (one.brings?.i ?? 1e3) - (other.brings?.i ?? 1e3))
})
const full = computed(() => bottles.value.length >= mostOf.palette)
const take = (id: string): void =>
  void store.setTable(props.few.table.value.filter((one) => one !== id))
const put = (id: string): void => void store.setTable([...props.few.table.value, id])
/** The first sentence of each caution. */
const care = ({ hazards }: Paint): string =>
  hazards.map((key) => cautions[key].split('.')[0]).join('. ')
</script>

<template>
  <p v-if="untabled.length" class="untabled">
    No table is chosen: every bottle that is in may be mixed. Find the best few, or put them there
    one by one.
  </p>
  <ul class="table" :aria-label="untabled.length ? 'Bottles that are in' : 'Bottles on the table'">
    <li v-for="paint in [...bottles, ...untabled.slice(0, SHOWN)]" :key="paint.id">
      <DrawdownCard :paint="paint" />
      <p class="name">{{ paint.name }}</p>
      <p class="soft">
        {{ paint.pigments[0] }}
        <span v-if="paint.hazards.length" v-tip="care(paint)" role="img" :aria-label="care(paint)"
          >▲</span
        >
      </p>
      <p v-if="worth.has(paint.id)" class="soft">
        {{ paint.id === least ? 'least: ' : '' }}{{ worth.get(paint.id)!.toFixed(1) }} without
      </p>
      <div v-if="bottles.length" class="do">
        <ElButton
          v-tip="'Keep it in whatever is found'"
          :aria-pressed="few.pinned.value.includes(paint.id)"
          :aria-label="`Keep ${paint.name} in whatever is found`"
          @click="few.pin(paint.id)"
        >
          <component :is="few.pinned.value.includes(paint.id) ? Lock : Unlock" />
        </ElButton>
        <ElButton
          v-tip="'Take it off the table'"
          :aria-label="`Take ${paint.name} off the table`"
          @click="take(paint.id)"
        >
          <Close />
        </ElButton>
      </div>
    </li>
    <li v-if="untabled.length > SHOWN" class="soft">
      and {{ untabled.length - SHOWN }} more, in the Box
    </li>
    <li v-if="!full" class="more">
      <ElSelect
        :persistent="false"
        :model-value="''"
        filterable
        placeholder="Add"
        aria-label="Put another bottle on the table"
        :suffix-icon="Plus"
        popper-class="with-drawdowns"
        @change="put"
      >
        <PaintOption
          v-for="{ paint, brings } in others"
          :key="paint.id"
          :paint="paint"
          :note="brings?.mean.toFixed(1)"
        />
      </ElSelect>
      <p v-if="few.changes.value?.brings[0] && bottles.length" class="soft">
        {{ byId.get(few.changes.value.brings[0].bottle)?.name }} would bring it to
        {{ few.changes.value.brings[0].mean.toFixed(1) }}
      </p>
    </li>
  </ul>
</template>

<style scoped>
.table {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(80px, 1fr));
  gap: 8px 0;
}
li {
  min-width: 0;
  font-size: 0.875rem;
}
.untabled {
  padding: 0 0 10px;
  font-size: 0.9375rem;
}
p {
  margin: 0;
  padding-right: 8px;
  line-height: 1.2;
}
.name {
  padding-right: 3px;
  overflow-wrap: anywhere;
  font-size: 0.8125rem;
  font-weight: 700;
  padding-top: 4px;
}
.do {
  display: flex;
  gap: 2px;
}
.do button {
  width: 32px;
  min-height: 30px;
  padding: 6px;
}
.do button[aria-pressed='true'] {
  border-color: var(--ink);
}
svg {
  width: 16px;
  display: block;
  margin: auto;
}
.more {
  padding-left: 8px;
}
</style>
