<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { cautionFor, cautions, predictMix, works } from '../../../../core'
import type { Paint } from '../../../../core'
import { paintColours } from '../../../parts/paintColours'
import { isOwn, paintOf } from '../../../stores/paints'
import { useProject } from '../../../stores/project/project'
import DrawdownCard from '../../../parts/drawdown/DrawdownCard.vue'
import BottleForm from './BottleForm.vue'
import LikeList from './LikeList.vue'

/** What is known of one paint, what it is like and how to handle it. */
const props = defineProps<{ paint: Paint }>()
const emit = defineEmits<{ gone: [] }>()
const store = useProject()
const isIn = computed(() => !store.project.out.includes(props.paint.id))
const origins: Record<Paint['origin'], string> = {
  'modelled from memory': 'modelled from memory of the pigment',
  mixed: 'mixed from starter paints',
  calibrated: 'measured',
  estimated: 'told from one colour and its opacity',
}
/** How sure an even mix with white is. */
const within = computed(
  () =>
    predictMix([
      { paint: props.paint, drops: 1 },
      { paint: paintOf('titanium-white'), drops: 3 },
    ]).within,
)
function remove(): void {
  store.removePaint(props.paint.id)
  emit('gone')
}
</script>

<template>
  <section class="detail" :aria-label="`About ${paint.name}`">
    <h2>{{ paint.name }}</h2>
    <DrawdownCard :paint="paint" class="card" />
    <p class="soft">
      {{
        [
          paint.kind,
          paint.pigments.join(' '),
          `${paint.opacity}, a coat hides ${Math.round(paintColours(paint).hides * 100)}%`,
        ]
          .filter(Boolean)
          .join(' · ')
      }}<br />
      {{ origins[paint.origin] }}; a 1:3 tint is sure within {{ within.toFixed(1) }}
    </p>
    <div class="row" data-asks>
      <ElButton @click="store.setPaintIn(paint.id, !isIn)">
        {{ isIn ? 'Take out of use' : 'Put in use' }}
      </ElButton>
      <ElCheckbox
        :model-value="store.isOwned(paint.id)"
        @update:model-value="store.setBottle(paint.id, { owned: Boolean($event) })"
        >I own it</ElCheckbox
      >
      <ElButton v-if="isOwn(paint.id)" @click="remove">Remove</ElButton>
    </div>
    <BottleForm :id="paint.id" />
    <LikeList :paint="paint" />
    <h3>Handling</h3>
    <ul class="cautions">
      <li v-for="key in paint.hazards" :key="key">
        <span aria-hidden="true">▲</span> {{ cautions[key] }}
      </li>
      <li v-for="work in works" :key="work">
        <b>{{ work[0]!.toUpperCase() + work.slice(1) }}</b>
        {{ cautionFor(work, paint.hazards, paint.kind) }}
      </li>
    </ul>
  </section>
</template>

<style scoped>
.detail {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  font-size: 0.9375rem;
}
.card {
  height: 96px;
}
p {
  margin: 0;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.cautions {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 6px;
  font-size: 0.875rem;
}
.cautions b {
  display: block;
}
</style>
