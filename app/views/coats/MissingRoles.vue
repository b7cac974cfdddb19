<script setup lang="ts">
import { ElButton, ElRadioButton, ElRadioGroup } from 'element-plus'
import type { Choice, MissingRole, RoleKey } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { partsInWords } from '../../words/parts'
import { nameOf } from '../../stores/paints'
import { useProject } from '../../stores/project/project'

/** Mixes of a method that these bottles cannot make: what they can do instead, which bottle would do, and the choice. */
defineProps<{ missing: readonly MissingRole[] }>()
const choices = defineModel<Partial<Record<RoleKey, Choice>>>({ required: true })
const store = useProject()
</script>

<template>
  <ul class="missing" aria-label="Mixes that these bottles cannot make">
    <li v-for="one in missing" :key="one.role">
      <p>
        <b>No {{ one.name }}</b> from these bottles.
      </p>
      <div class="ways">
        <figure>
          <ColourPatch :lab="one.nearest.lab" class="patch" />
          <figcaption>nearest: {{ partsInWords(one.nearest.parts, nameOf) }}</figcaption>
        </figure>
        <figure v-if="one.makes">
          <ColourPatch :lab="one.makes.lab" class="patch" />
          <figcaption>
            with {{ nameOf(one.makes.paint) }}
            <ElButton size="small" @click="store.putInHere([one.makes.paint])">Put it in</ElButton>
          </figcaption>
        </figure>
        <p v-else class="soft">No single bottle would make it.</p>
      </div>
      <ElRadioGroup
        :model-value="choices[one.role] ?? 'stand-in'"
        :aria-label="`Without ${one.name}`"
        size="small"
        @update:model-value="(choice) => (choices = { ...choices, [one.role]: choice as Choice })"
      >
        <ElRadioButton value="stand-in">Lay the nearest</ElRadioButton>
        <ElRadioButton value="leave out">Leave the coat out</ElRadioButton>
      </ElRadioGroup>
    </li>
  </ul>
</template>

<style scoped>
.missing {
  list-style: none;
  margin: 6px 0 10px;
  padding: 0 0 0 12px;
  border-left: 4px solid var(--ink-soft);
  display: grid;
  gap: 14px;
}
p,
figure {
  margin: 0;
}
.ways {
  display: grid;
  gap: 6px;
  margin: 6px 0;
}
figure {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 0.8125rem;
}
.patch {
  flex: none;
  width: 34px;
  height: 26px;
}
</style>
