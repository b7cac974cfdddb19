<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { cautions } from '../../../../core'
import type { Paint } from '../../../../core'
import { paintColours } from '../../../parts/paintColours'
import { useProject } from '../../../stores/project/project'
import DrawdownCard from '../../../parts/drawdown/DrawdownCard.vue'
import { vTip } from '../../../parts/tip/tip'

/** One paint of the box: its drawdown, in or out of the plan; a click opens what is known of it. */
const props = defineProps<{ paint: Paint; chosen: boolean }>()
defineEmits<{ choose: [] }>()
const store = useProject()
const isIn = computed(() => !store.project.out.includes(props.paint.id))
const colours = computed(() => paintColours(props.paint))
/** The first sentence of each caution; the detail has the whole. */
const short = computed(() =>
  props.paint.hazards.map((key) => cautions[key].split('.')[0]).join('. '),
)
</script>

<template>
  <li class="strip" :class="{ chosen }">
    <DrawdownCard :paint="paint" />
    <div class="name">
      <ElCheckbox
        :model-value="isIn"
        :aria-label="`${paint.name} is in use`"
        @change="store.setPaintIn(paint.id, !isIn)"
      />
      <button
        type="button"
        class="open"
        :data-paint="paint.id"
        :aria-expanded="chosen"
        @click="$emit('choose')"
      >
        {{ paint.name }}
      </button>
    </div>
    <p v-tip="`A coat hides ${Math.round(colours.hides * 100)}%`" class="soft">
      {{ paint.pigments.slice(0, 2).join(' ') }} {{ paint.opacity }}
    </p>
    <p v-if="short" v-tip="short" class="caution"><span aria-hidden="true">▲</span> {{ short }}</p>
  </li>
</template>

<style scoped>
.strip {
  list-style: none;
  min-width: 0;
  height: 140px;
  contain: layout style;
  font-size: 0.875rem;
}
.name {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 28px;
}
.open {
  border: 0;
  background: transparent;
  padding: 4px 2px;
  min-width: 0;
  font-weight: 700;
  font-size: 0.9375rem;
  text-align: left;
  line-height: 1.15;
}
.chosen .open {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
}
p {
  margin: 0;
  line-height: 1.2;
}
</style>
