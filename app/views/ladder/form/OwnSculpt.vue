<script setup lang="ts">
import { format } from 'd3'
import { ElButton, ElProgress } from 'element-plus'
import FileButton from '../../../parts/field/FileButton.vue'
import { useForm } from '../../../stores/form'

/** A sculpt of the painter's own in the place of our forms. */
const form = useForm()
/** Grouped by thousands; the browser's own takes 40 ms the first time. */
const withCommas = format(',')
</script>

<template>
  <div class="own">
    <h2>Your own sculpt</h2>
    <p class="soft">STL, OBJ or GLB up to 500,000 triangles; drop it here or choose it.</p>
    <FileButton accept=".stl,.obj,.glb" @file="form.load($event)"> Choose a sculpt… </FileButton>
    <ElProgress
      v-if="form.progress !== undefined"
      :percentage="Math.round(100 * form.progress)"
      aria-label="Reading the sculpt"
    />
    <p v-if="form.trouble" role="alert">{{ form.trouble }}</p>
    <p v-if="form.own">
      {{ form.own.name }}, {{ withCommas(form.own.triangles.length / 3) }} triangles shown; kept in
      this browser.
      <ElButton @click="form.drop">Remove the sculpt</ElButton>
    </p>
  </div>
</template>

<style scoped>
.own {
  display: grid;
  gap: 6px;
  border-top: 1px solid var(--line);
  padding-top: 8px;
}
.own p {
  margin: 0;
  font-size: 0.875rem;
}
</style>
