<script setup lang="ts">
import { ElButton, ElCollapse, ElCollapseItem } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { methods } from '../../../core'
import type { Choice, Method, RoleKey } from '../../../core'
import { useCoats } from '../../stores/coats/coats'
import { useMethodLooks } from '../../stores/coats/methodLooks'
import { useLadder } from '../../stores/ladder/ladder'
import { useProject } from '../../stores/project/project'
import InTurn from '../../parts/inTurn'
import MissingRoles from './MissingRoles.vue'
import SmallStrata from './SmallStrata.vue'

/**
 * Ready ways to start from, each cut through as it would lie on this figure; those for such a figure first. What its
 * bottles cannot make is said before it is begun. Undo brings the old stack back.
 */
const coats = useCoats()
const ladder = useLadder()
const store = useProject()
const { looks, trouble } = useMethodLooks()
const effort = { quick: 'an hour or so', usual: 'an evening', long: 'several evenings' } as const
const open = ref('')
const choices = ref<Partial<Record<RoleKey, Choice>>>({})
watch(open, () => (choices.value = {}))
const fits = (method: Method): boolean => {
  const { kind, tone } = store.figure
  return method.for.includes(kind === 'dead' ? 'dead' : tone.kind)
}
const lists = computed(() => [
  { title: '', methods: methods.filter(fits) },
  { title: 'For others', methods: methods.filter((method) => !fits(method)) },
])
</script>

<template>
  <section aria-labelledby="methods" class="methods">
    <h2 id="methods">Methods</h2>
    <p v-if="coats.beginTrouble || trouble" role="alert">{{ coats.beginTrouble || trouble }}</p>
    <ElButton
      class="plain"
      :aria-pressed="coats.plan.method === undefined"
      @click="store.figure.stack && coats.startPlain()"
    >
      Step on step, as the ladder is
    </ElButton>
    <template v-for="list in lists" :key="list.title">
      <h3 v-if="list.title">{{ list.title }}</h3>
      <ElCollapse v-model="open" accordion>
        <InTurn>
          <ElCollapseItem v-for="method in list.methods" :key="method.key" :name="method.key">
            <template #title>
              <span class="line" :class="{ here: coats.plan.method === method.key }">
                <SmallStrata :cut="looks.get(method.key)?.strata" />
                <span>
                  {{ method.name }}
                  <small v-if="looks.get(method.key)?.missing.length" class="lacks">
                    lacks
                    {{
                      looks
                        .get(method.key)!
                        .missing.map(({ name }) => name)
                        .join(', ')
                    }}
                  </small>
                </span>
              </span>
            </template>
            <template v-if="open === method.key">
              <p>{{ method.suits }}</p>
              <p v-if="looks.get(method.key)">{{ looks.get(method.key)!.ends }}</p>
              <p class="soft">Takes {{ effort[method.effort] }}. Mind: {{ method.risk }}</p>
              <MissingRoles
                v-if="looks.get(method.key)?.missing.length"
                v-model="choices"
                :missing="looks.get(method.key)!.missing"
              />
              <ElButton
                :loading="coats.beginning"
                :disabled="ladder.steps.some(({ parts }) => parts.length === 0)"
                @click="coats.start(method, choices)"
              >
                Start from it
              </ElButton>
            </template>
          </ElCollapseItem>
        </InTurn>
      </ElCollapse>
    </template>
  </section>
</template>

<style scoped>
.methods {
  display: grid;
  gap: 2px;
}
.methods :deep(.el-collapse) {
  --el-collapse-header-height: 44px;
}
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  line-height: 1.15;
  padding: 4px 0;
}
.plain {
  justify-self: start;
  margin: 4px 0;
}
.plain[aria-pressed='true'] {
  border-color: var(--ink);
  font-weight: 700;
}
h3 {
  margin: 12px 0 0;
  font-size: 0.9375rem;
}
.lacks {
  display: block;
  color: var(--ink-soft);
  font-size: 0.8125rem;
}
.here {
  font-weight: 700;
}
p {
  margin: 0 0 6px;
  font-size: 0.875rem;
}
</style>
