<script setup lang="ts">
import { computed } from 'vue'
import { plainPaint, opacityClasses } from '../../../../core'
import type { Lab, OpacityClass } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { paintColours } from '../../../parts/paintColours'

/** How opaque a paint is, on four steps, each shown as one thin coat of it over white and black. */
const props = defineProps<{ lab: Lab | undefined }>()
const opacity = defineModel<OpacityClass>({ required: true })
const GREY: Lab = { L: 50, a: 0, b: 0 }
const steps = computed(() =>
  opacityClasses.map((name) => {
    try {
      return { name, colours: paintColours(plainPaint(props.lab ?? GREY, name)) }
    } catch {
      return { name, colours: paintColours(plainPaint(GREY, name)) }
    }
  }),
)
</script>

<template>
  <fieldset class="scale">
    <legend>One thin coat over white and black looks like</legend>
    <label v-for="{ name, colours } in steps" :key="name">
      <span class="coat">
        <ColourPatch :lab="colours.thinOverWhite" class="half" /><ColourPatch
          :lab="colours.thinOverBlack"
          class="half"
        />
      </span>
      <span><input v-model="opacity" type="radio" name="opacity" :value="name" /> {{ name }}</span>
    </label>
  </fieldset>
</template>

<style scoped>
.scale {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
}
legend {
  padding: 0 0 4px;
  font-weight: 700;
}
.coat {
  display: flex;
  height: 64px;
}
.half {
  flex: 1;
}
input {
  accent-color: var(--ink);
}
</style>
