<script setup lang="ts">
import { ElButton } from 'element-plus'
import { useRouter } from 'vue-router'
import { blankFigure } from '../../core'
import { newId } from '../vault/newId'
import { useProject } from '../stores/project/project'
import ViewHead from './ViewHead.vue'

/** A commission that has no figure yet: what is worked on in this room has to be made first. */
const store = useProject()
const router = useRouter()
function add(): void {
  if (store.addFigure(blankFigure(newId()))) void router.push({ name: 'Figures' })
}
</script>

<template>
  <main>
    <ViewHead :title="store.project.name" />
    <section class="nobody">
      <p>This commission has no figure yet. Everything else follows from one.</p>
      <ElButton type="primary" @click="add">Add the first figure</ElButton>
    </section>
  </main>
</template>

<style scoped>
.nobody {
  padding: 12vh 24px;
  display: grid;
  justify-items: center;
  gap: 14px;
  text-align: center;
  font-size: 1.125rem;
}
p {
  margin: 0;
  max-width: 48ch;
}
</style>
