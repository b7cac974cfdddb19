<script setup lang="ts">
import { ElDialog, ElInput } from 'element-plus'
import { computed, nextTick, ref, watch } from 'vue'
import { kindWords, namedBy, useCommands } from './useCommands'
import type { Command } from './useCommands'

/** Any room, figure, paint, mix or action, by the beginnings of its words. */
const open = defineModel<boolean>({ required: true })
const commands = useCommands()
const typed = ref('')
const field = ref<InstanceType<typeof ElInput>>()
const list = ref<HTMLElement>()
/** More lines than this are not looked through; another letter leaves fewer. */
const MOST = 12
const found = computed(() =>
  commands.value.filter(({ name }) => namedBy(typed.value, name)).slice(0, MOST),
)
const at = ref(0)
watch(typed, () => (at.value = 0))
function step(by: number): void {
  const many = Math.max(1, found.value.length)
  at.value = (at.value + by + many) % many
  void nextTick(() => list.value?.children[at.value]?.scrollIntoView({ block: 'nearest' }))
}
/** The field is one of choices; the library has no way to say so. */
function begin(): void {
  field.value?.input?.setAttribute('role', 'combobox')
  field.value?.focus()
}
function choose(command: Command | undefined): void {
  if (!command) return
  open.value = false
  void command.run()
}
</script>

<template>
  <ElDialog
    v-model="open"
    title="Go to, or do"
    width="min(520px, calc(100vw - 24px))"
    top="10vh"
    append-to-body
    @opened="begin"
  >
    <ElInput
      ref="field"
      v-model="typed"
      aria-label="Room, figure, paint, mix or action"
      aria-expanded="true"
      aria-controls="commands"
      :aria-activedescendant="found.length ? `command-${at}` : undefined"
      placeholder="tunde, coats, ochre, undo …"
      @keydown.down.prevent="step(1)"
      @keydown.up.prevent="step(-1)"
      @keydown.enter.prevent="choose(found[at])"
    />
    <ul id="commands" ref="list" role="listbox" aria-label="What goes by these letters">
      <li
        v-for="(command, i) in found"
        :id="`command-${i}`"
        :key="`${command.kind} ${command.name}`"
        role="option"
        :aria-selected="i === at"
        @click="choose(command)"
        @pointermove="at = i"
      >
        <span class="kind soft">{{ kindWords(command.kind) }}</span> {{ command.name }}
      </li>
    </ul>
    <p v-if="found.length === 0" role="status">Nothing goes by “{{ typed }}”.</p>
  </ElDialog>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  max-height: 60vh;
  overflow: auto;
}
li {
  padding: 7px 10px;
  cursor: pointer;
}
li[aria-selected='true'] {
  background: var(--field-high);
  box-shadow: inset 3px 0 0 var(--ink);
}
.kind {
  display: inline-block;
  width: 72px;
  font-size: 0.875rem;
}
p {
  margin: 10px 0 0;
}
</style>
