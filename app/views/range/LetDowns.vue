<script setup lang="ts">
import { Close } from '@element-plus/icons-vue'
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { LET_DOWN_WHITE } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { colourOf } from '../../parts/palette/colourOf'
import { paintColours } from '../../parts/paintColours'
import { vTip } from '../../parts/tip/tip'
import type { useFew } from '../../stores/range/few'
import { useLetDowns } from '../../stores/range/letDowns'
import { usePalette } from '../../stores/palette/palette'
import { useProject } from '../../stores/project/project'

/** Strong bottles let down once for the evening and used like bottles: those that are, and what more would bring. */
const props = defineProps<{
  few: ReturnType<typeof useFew>
  /** Only what would be worth it: those that are stand in the line of bottles. */
  short?: boolean
}>()
const store = useProject()
const palette = usePalette()
const { offer, take, trouble } = useLetDowns(props.few)
const lookOf = (id: string) => colourOf({ puddle: id }, palette.palette)
const are = computed(() => (props.short ? [] : store.letDowns))
</script>

<template>
  <section v-if="are.length || offer" class="downs" aria-label="Let down for the evening">
    <ul v-if="are.length">
      <li v-for="{ id, name } in are" :key="id">
        <ColourPatch v-if="lookOf(id)" :lab="lookOf(id)!" class="patch" />
        {{ name }}
        <ElButton
          v-tip="'Do without it'"
          :aria-label="`Do without ${name}`"
          @click="store.dropPuddle(id)"
        >
          <Close />
        </ElButton>
      </li>
    </ul>
    <p v-if="offer" class="offer">
      <span class="pair">
        <ColourPatch
          v-for="paint in offer.bottles"
          :key="paint.id"
          :lab="paintColours(paint).tint"
          class="patch"
        />
      </span>
      <span>
        Let down {{ offer.bottles.map(({ name }) => name).join(' and ') }} once, 1 :
        {{ LET_DOWN_WHITE }} in white: whole drops miss by {{ offer.after.toFixed(1) }} instead of
        {{ offer.before.toFixed(1) }}, and no touch has to be hit.
      </span>
      <ElButton @click="take">Let down</ElButton>
    </p>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.downs {
  padding-top: 10px;
  font-size: 0.9375rem;
}
ul {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
li,
.offer {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
}
.pair {
  display: flex;
}
.patch {
  width: 26px;
  height: 26px;
  flex: none;
}
li button {
  min-height: 28px;
  padding: 6px;
}
svg {
  width: 14px;
  display: block;
}
</style>
