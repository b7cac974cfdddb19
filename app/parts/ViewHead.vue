<script setup lang="ts">
import { h } from 'vue'
import { RefreshLeft, RefreshRight } from '@element-plus/icons-vue'
import { useProject } from '../stores/project/project'
import { later } from './later'

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
      <button
        type="button"
        class="plain icon"
        aria-label="Undo"
        title="Undo (Ctrl Z)"
        :disabled="!store.depth.undo"
        @click="store.undo"
      >
        <RefreshLeft />
      </button>
      <button
        type="button"
        class="plain icon"
        aria-label="Redo"
        title="Redo (Ctrl Shift Z)"
        :disabled="!store.depth.redo"
        @click="store.redo"
      >
        <RefreshRight />
      </button>
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
  font-size: 26px;
}
p {
  margin: 0;
}
.tools {
  display: flex;
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
@media (max-width: 640px) {
  .head {
    padding: 8px 12px;
  }
  h1 {
    font-size: 22px;
  }
}
</style>
