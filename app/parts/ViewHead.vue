<script setup lang="ts">
import { ElButton } from 'element-plus'
import { h } from 'vue'
import { QuestionFilled, RefreshLeft, RefreshRight } from '@element-plus/icons-vue'
import { useProject } from '../stores/project/project'
import { helpShown } from './helpShown'
import { redo, undo } from './history'
import { later } from './later'
import { vTip } from './tip/tip'

/** The head of every view: what is worked on, back and forth, and the files. */
defineProps<{ title: string; note?: string }>()
const store = useProject()
/** The menu's place is kept until it comes, so that nothing moves. */
const FileMenu = later(
  () => import('./files/FileMenu.vue'),
  () => h('button', { type: 'button', class: 'primary', disabled: true }, 'Files'),
)
</script>

<template>
  <header class="head">
    <h1>{{ title }}</h1>
    <slot name="about" />
    <p v-if="note" class="soft">{{ note }}</p>
    <div class="tools">
      <slot />
      <ElButton
        v-tip="'Undo (Ctrl Z)'"
        class="icon"
        aria-label="Undo"
        :disabled="!store.depth.undo"
        @click="undo"
      >
        <RefreshLeft />
      </ElButton>
      <ElButton
        v-tip="'Redo (Ctrl Shift Z)'"
        class="icon"
        aria-label="Redo"
        :disabled="!store.depth.redo"
        @click="redo"
      >
        <RefreshRight />
      </ElButton>
      <ElButton
        v-tip="'Help and keys (?)'"
        class="icon"
        aria-label="Help"
        @click="helpShown = true"
      >
        <QuestionFilled />
      </ElButton>
      <FileMenu />
    </div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
  padding: 8px 24px;
  border-bottom: 1px solid var(--line);
}
h1 {
  font-size: 1.625rem;
}
p {
  margin: 0;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-left: auto;
}
.icon {
  width: 40px;
  padding: 8px;
}
.icon svg {
  width: 18px;
  display: block;
  margin: auto;
}
/* One row: what is worked on and its note one above the other, the tools beside them. */
@media (max-width: 640px) {
  .head {
    display: grid;
    grid-template-columns: minmax(6rem, 1fr) auto;
    padding: 6px 12px;
    gap: 0 8px;
  }
  .head > * {
    grid-column: 1;
    min-width: 0;
    justify-self: start;
  }
  h1 {
    font-size: 1.125rem;
    line-height: 1.15;
  }
  .tools {
    grid-column: 2;
    grid-row: 1 / span 3;
    align-self: center;
    justify-content: flex-end;
    gap: 4px;
  }
}
</style>
