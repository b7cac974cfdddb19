<script setup lang="ts">
import { ElRadio, ElRadioGroup } from 'element-plus'
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
  <div>
    <span aria-hidden="true">One thin coat over white and black looks like</span>
    <ElRadioGroup
      v-model="opacity"
      class="scale"
      aria-label="One thin coat over white and black looks like"
    >
      <ElRadio v-for="{ name, colours } in steps" :key="name" :value="name">
        <span class="coat">
          <ColourPatch :lab="colours.thinOverWhite" class="half" /><ColourPatch
            :lab="colours.thinOverBlack"
            class="half"
          />
        </span>
        <span class="name">{{ name }}</span>
      </ElRadio>
    </ElRadioGroup>
  </div>
</template>

<style scoped>
.scale {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
  gap: 0;
}
.scale :deep(.el-radio) {
  margin: 0;
  height: auto;
  display: block;
}
.scale :deep(.el-radio__input) {
  position: absolute;
  bottom: 6px;
}
.scale :deep(.el-radio__label) {
  display: block;
  padding: 0 0 4px;
}
.name {
  padding-left: 22px;
}
.coat {
  display: flex;
  height: 64px;
}
.half {
  flex: 1;
}
</style>
