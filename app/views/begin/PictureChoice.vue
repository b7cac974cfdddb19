<script setup lang="ts" generic="Key extends string | number">
/** Pictures of which one, or several, are chosen: real radios or ticks under the pictures, so that keys just work. */
const props = defineProps<{
  label: string
  choices: readonly { key: Key; name: string; note?: string }[]
  several?: boolean
}>()
const chosen = defineModel<Key[]>({ required: true })
function choose(key: Key, on: boolean): void {
  if (!props.several) chosen.value = [key]
  else chosen.value = on ? [...chosen.value, key] : chosen.value.filter((one) => one !== key)
}
</script>

<template>
  <div class="choices" :role="several ? 'group' : 'radiogroup'" :aria-label="label">
    <label
      v-for="choice in choices"
      :key="choice.key"
      class="choice"
      :class="{ on: chosen.includes(choice.key) }"
    >
      <input
        class="unseen"
        :type="several ? 'checkbox' : 'radio'"
        :name="label"
        :checked="chosen.includes(choice.key)"
        @change="choose(choice.key, ($event.target as HTMLInputElement).checked)"
      />
      <span class="picture"><slot :choice="choice" /></span>
      <span class="name">{{ choice.name }}</span>
      <span v-if="choice.note" class="soft note">{{ choice.note }}</span>
    </label>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(var(--least, 150px), 1fr));
  gap: 14px 12px;
}
.choice {
  display: block;
  position: relative;
  cursor: pointer;
  padding: 6px;
  border: 2px solid transparent;
  font-size: 15px;
  line-height: 1.2;
}
.choice:hover {
  border-color: var(--line);
}
.choice.on {
  border-color: var(--ink);
  background: var(--field-high);
}
.choice:has(:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
.picture {
  display: block;
}
.name {
  display: block;
  padding-top: 6px;
}
.choice.on .name {
  font-weight: 700;
}
.note {
  display: block;
  font-size: 14px;
}
</style>
