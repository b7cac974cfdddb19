<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { labOf, opaqueReflectance, stepNames } from '../../../../core'
import type { Lab, SkinMove } from '../../../../core'
import ColourPatch from '../../../parts/ColourPatch.vue'
import { useCritic } from '../../../stores/critic/critic'
import { useLadder } from '../../../stores/ladder/ladder'
import { isKnown, nameOf, paintOf } from '../../../stores/paints'
import { skinMoveWords, skinFaultWords } from '../../../words/critic'
import SkinStrips from './SkinStrips.vue'

/** What is wrong, the most important first, each with what mends it. */
const critic = useCritic()
const ladder = useLadder()
const planned = computed(() =>
  ladder.steps.flatMap(({ painted, share }) => (painted ? [{ lab: painted, share }] : [])),
)
/** What it looks like; nothing where the plan or the box changed since it was said. */
const labOfMove = ({ of }: SkinMove): Lab | undefined => {
  if ('step' in of) return ladder.steps.find(({ key }) => key === of.step)?.painted
  return isKnown(of.bottle) ? labOf(opaqueReflectance(paintOf(of.bottle))) : undefined
}
const nameOfMove = ({ of }: SkinMove): string =>
  'step' in of ? stepNames[of.step] : nameOf(of.bottle)
const many = computed(() => ladder.steps.length)
const offWords = (off: number): string =>
  off < 1.5
    ? 'as planned, as far as a photograph tells'
    : off < 3
      ? 'near the plan'
      : off < 6
        ? 'off the plan'
        : 'far off the plan'
</script>

<template>
  <div class="words" aria-live="polite">
    <p v-if="critic.trouble" role="alert">{{ critic.trouble }}</p>
    <p v-else-if="critic.busy && !critic.answer" role="status">Looking…</p>
    <template v-if="critic.answer">
      <SkinStrips :planned="planned" :read="critic.answer.strip" />
      <p class="sum">
        Off by {{ critic.answer.off.toFixed(1) }}: {{ offWords(critic.answer.off) }}.
        <span v-if="!critic.answer.exposed" class="soft">
          With a grey that nobody knows only differences are judged, not how light it is.
        </span>
        <span v-if="critic.answer.lost > 0.02">
          {{ Math.round(100 * critic.answer.lost) }}% of it is burnt out or black and was left out.
        </span>
      </p>
      <p v-if="critic.answer.faults.length === 0 && !critic.answer.alike" class="good">
        Nothing to mend.
      </p>
      <ol>
        <li v-for="({ fault, moves }, i) in critic.answer.faults" :key="i">
          <b>{{ skinFaultWords(fault) }}</b>
          <p v-if="moves.length === 0" class="soft">
            No puddle of the plan and no bottle that is in mends it by a coat: paint it anew there.
          </p>
          <p v-for="(move, n) in moves" :key="n" class="move">
            <ColourPatch v-if="labOfMove(move)" :lab="labOfMove(move)!" class="swatch" />
            <span>
              <b>{{ nameOfMove(move) }}</b>, {{ skinMoveWords(move, many) }}
              <span class="soft">
                brings it from {{ move.before.toFixed(0) }} off to {{ move.after.toFixed(0) }}
              </span>
            </span>
          </p>
        </li>
        <li v-if="critic.answer.alike">
          <b>
            Reads like {{ critic.answer.alike.name }}: {{ critic.answer.alike.light.toFixed(1) }} in
            the lights, {{ critic.answer.alike.wanted.toFixed(1) }} would be told apart.
          </b>
          <p v-if="critic.answer.alike.move" class="move">
            <ColourPatch
              v-if="labOfMove(critic.answer.alike.move)"
              :lab="labOfMove(critic.answer.alike.move)!"
              class="swatch"
            />
            <span>
              <b>{{ nameOfMove(critic.answer.alike.move) }}</b>,
              {{ skinMoveWords(critic.answer.alike.move, many) }} sets them apart
            </span>
          </p>
        </li>
      </ol>
      <p>
        <ElButton type="primary" :loading="critic.keeping" @click="critic.keep()">
          Write it into the story
        </ElButton>
        <span v-if="critic.notKept" role="alert">{{ critic.notKept }}</span>
      </p>
    </template>
  </div>
</template>

<style scoped>
.words {
  display: grid;
  gap: 8px;
}
p {
  margin: 0;
}
.sum {
  font-size: 1.0625rem;
}
.good {
  font-size: 1.25rem;
}
ol {
  margin: 0;
  padding-left: 22px;
  display: grid;
  gap: 10px;
}
.move {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: 4px;
}
.swatch {
  flex: 0 0 40px;
  height: 30px;
}
</style>
