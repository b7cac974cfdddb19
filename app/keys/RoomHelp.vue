<script setup lang="ts">
import { ElButton, ElDrawer } from 'element-plus'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { tourShown } from '../parts/helpShown'
import { glossary, helpOfRoom } from '../words/help'
import { everywhereKeys, keysOfRoom } from '../words/keys'

/** What the room one is in is for, its keys and those that work everywhere, and the words that stand in it. */
const open = defineModel<boolean>({ required: true })
const route = useRoute()
const name = computed(() => String(route.name))
const help = computed(() => (helpOfRoom as Readonly<Record<string, string>>)[name.value])
const lists = computed(() => {
  const here = keysOfRoom[name.value]
  return [
    ...(here ? [{ title: 'Keys here', keys: here }] : []),
    { title: 'Keys everywhere', keys: everywhereKeys },
  ]
})
</script>

<template>
  <ElDrawer v-model="open" :title="name" size="min(420px, 100vw)" append-to-body>
    <div class="all" tabindex="0" role="group" aria-label="Help">
      <p v-if="help">{{ help }}</p>
      <p>
        <ElButton @click="((open = false), (tourShown = true))">Show me round the rooms</ElButton>
      </p>
      <section v-for="{ title, keys } in lists" :key="title">
        <h2>{{ title }}</h2>
        <dl>
          <div v-for="one in keys" :key="one.keys">
            <dt>{{ one.keys }}</dt>
            <dd>{{ one.does }}</dd>
          </div>
        </dl>
      </section>
      <section>
        <h2>Words</h2>
        <dl>
          <div v-for="{ word, means } in glossary" :key="word">
            <dt>{{ word }}</dt>
            <dd>{{ means }}</dd>
          </div>
        </dl>
      </section>
    </div>
  </ElDrawer>
</template>

<style scoped>
.all {
  flex: 1;
  overflow: auto;
}
p {
  margin: 0 0 20px;
}
h2 {
  padding-bottom: 6px;
}
dl {
  margin: 0 0 20px;
}
dl > div {
  display: grid;
  grid-template-columns: 120px minmax(0, 1fr);
  gap: 12px;
  padding: 6px 0;
  border-top: 1px solid var(--line);
  font-size: 0.9375rem;
}
dt {
  font-weight: 700;
}
dd {
  margin: 0;
}
</style>
