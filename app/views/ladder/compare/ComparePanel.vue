<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { deltaE00, stepNames } from '../../../../core'
import type { Lab } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import PickOne from '../../../parts/field/PickOne.vue'
import { useLadder } from '../../../stores/ladder/ladder'
import { useProject } from '../../../stores/project/project'
import { momentWords } from '../../../words/moment'

/** Two ladders edge against edge, and the history of versions with names. */
const store = useProject()
const ladder = useLadder()
interface Strip {
  id: string
  name: string
  steps: { key: string; name: string; share: number; lab: Lab }[]
}
const now = computed<Strip>(() => ({
  id: 'now',
  name: 'the ladder as it is',
  steps: ladder.steps.map(({ key, name, share, painted, target }) => ({
    key,
    name,
    share,
    lab: painted ?? target,
  })),
}))
const strips = computed<Strip[]>(() => [
  now.value,
  ...store.project.figures.flatMap((figure) =>
    (figure.versions ?? []).map((version) => ({
      id: `${figure.id} ${version.name}`,
      name:
        figure.id === store.figure.id
          ? version.name
          : `${figure.name.split(',')[0]}: ${version.name}`,
      steps: version.steps.map(({ key, share, painted }) => ({
        key,
        share,
        lab: painted,
        name: stepNames[key],
      })),
    })),
  ),
])
const upperId = ref('now')
const lowerId = ref('')
const stripOf = (id: string): Strip | undefined => strips.value.find((one) => one.id === id)
const upper = computed(() => stripOf(upperId.value) ?? now.value)
const lower = computed(
  () => stripOf(lowerId.value) ?? strips.value.find(({ id }) => id !== upper.value.id),
)
const apart = computed(() =>
  upper.value.steps.flatMap((step) => {
    const other = lower.value?.steps.find(({ key }) => key === step.key)
    return other
      ? [
          {
            name: step.name,
            off: deltaE00(step.lab, other.lab),
          },
        ]
      : []
  }),
)
const optionOf = ({ id, name }: Strip) => ({ key: id, name })
const named = ref('')
const versions = computed(() => store.figure.versions ?? [])
const ready = computed(() => ladder.steps.every(({ painted }) => painted))
const bare = ({ L, a, b }: Lab) => ({ L, a, b })
function keep(): void {
  const name = named.value.trim() || `version ${versions.value.length + 1}`
  store.keepVersion({
    name,
    at: new Date().toISOString(),
    plan: store.plan,
    steps: ladder.steps.map(({ key, share, target, painted, made }) => ({
      key,
      share,
      target: bare(target),
      painted: bare(painted!),
      parts: made.map(({ of, drops }) => ({ of: { ...of }, drops })),
    })),
  })
  named.value = ''
  lowerId.value = `${store.figure.id} ${name}`
}
</script>

<template>
  <section aria-label="Compare" class="panel">
    <form class="keep" @submit.prevent="keep">
      <label>
        Keep this ladder as
        <ElInput v-model="named" maxlength="80" :placeholder="`version ${versions.length + 1}`" />
      </label>
      <ElButton native-type="submit" type="primary" :disabled="!ready">Keep it</ElButton>
    </form>
    <p v-if="strips.length < 2" class="soft">
      Nothing to compare with yet. Keep this ladder, change it, and look at both here; versions of
      other figures stand here too.
    </p>
    <template v-else>
      <div class="chosen">
        <PickOne v-model="upperId" label="Above" :options="strips.map(optionOf)" />
        <PickOne
          label="Below"
          :options="strips.map(optionOf)"
          :model-value="lower?.id ?? ''"
          @update:model-value="lowerId = $event"
        />
      </div>
      <div v-if="lower" class="strips">
        <div v-for="strip in [upper, lower]" :key="strip.id" class="strip">
          <ColourPatch
            v-for="step in strip.steps"
            :key="step.key"
            :lab="step.lab"
            :label="`${step.name}, ${strip.name}`"
            :style="{ width: `${100 * step.share}%` }"
          />
        </div>
        <div class="strip even">
          <ColourPatch v-for="step in upper.steps" :key="step.key" :lab="step.lab" />
        </div>
        <div class="strip even">
          <ColourPatch v-for="step in lower.steps" :key="step.key" :lab="step.lab" />
        </div>
      </div>
      <p class="soft">
        First by share of the skin, then step against step.
        <template v-if="apart.length">
          Apart by
          <template v-for="({ name, off }, i) in apart" :key="name"
            >{{ i ? ', ' : '' }}{{ name }} {{ off.toFixed(1) }}</template
          >.
        </template>
      </p>
    </template>
    <ul v-if="versions.length" class="versions">
      <li v-for="version in versions" :key="version.name">
        <b>{{ version.name }}</b> <span class="soft">{{ momentWords(version.at) }}</span>
        <ElButton @click="store.takeVersion(version)">Go back to it</ElButton>
        <ElButton :aria-label="`Drop ${version.name}`" @click="store.dropVersion(version.name)">
          Drop
        </ElButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
}
.keep,
.chosen {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
}
.keep label,
.chosen > div {
  width: 240px;
}
.strip {
  display: flex;
  height: 84px;
}
.even {
  height: 56px;
}
.even:nth-child(3) {
  margin-top: 14px;
}
.even > * {
  flex: 1;
}
.versions {
  list-style: none;
  margin: 0;
  padding: 0;
}
.versions li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  border-top: 1px solid var(--line);
  padding: 4px 0;
}
p {
  margin: 0;
}
</style>
