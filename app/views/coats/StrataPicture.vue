<script setup lang="ts">
import { computed } from 'vue'
import { coatKinds, dryFilmUm, filmOn, liesAt, lightPlaces } from '../../../core'
import type { LightPlace, Look, ReliefPlace } from '../../../core'
import ColourPatch from '../../parts/ColourPatch.vue'
import { lightWords } from '../../words/coats'
import { lightNames, reliefNames } from '../../words/places'
import { screenColour } from '../../parts/screenColour'
import { useCoats } from '../../stores/coats/coats'
import WhereToLook from './WhereToLook.vue'

/** The coats as strata on recess, flat and ridge, and the results coat by coat. */
defineProps<{ chosen: number }>()
const where = defineModel<LightPlace>({ required: true })
const coats = useCoats()
const lookNotes: Record<Look, string> = {
  measured: 'Colours are those of an instrument that leaves glare out, once dry.',
  dry: 'Colours are those of the dry surface with its glare.',
  wet: 'Colours are those of each coat while it is wet: deeper, and a little milky.',
}
const WIDTH = 190
const HEIGHT = 210
const GROUND = 26
/** Films are drawn by the root of their thickness, so that a glaze is seen beside a base coat. */
/** The deepest recesses and joins stand apart once a coat is kept to them. */
const shown = computed<ReliefPlace[]>(() => {
  const named = coats.stack.coats.flatMap(({ place }) => place.flatMap(({ relief = [] }) => relief))
  return [
    ...(['deepest', 'join'] as const).filter((relief) => named.includes(relief)),
    'recess',
    'flat',
    'ridge',
  ]
})
const columns = computed(() =>
  shown.value.map((relief) => {
    const labs = coats.layers![where.value][relief]
    const heights = coats.stack.coats.map((coat) =>
      liesAt(coat.place, { relief, light: where.value, ...coats.spot })
        ? Math.sqrt(dryFilmUm(coat, filmOn[relief]))
        : 0,
    )
    return { relief, labs, heights, all: heights.reduce((a, b) => a + b, 0) }
  }),
)
const scale = computed(
  () => (HEIGHT - GROUND - 8) / Math.max(4, ...columns.value.map(({ all }) => all)),
)
const strata = computed(() =>
  columns.value.map(({ relief, labs, heights }) => {
    let top = HEIGHT - GROUND
    return {
      relief,
      end: labs.at(-1)!,
      layers: [
        { y: top, height: GROUND, css: screenColour(labs[0]!).css, name: 'undercoat' },
        ...heights.map((h, i) => {
          const height = h * scale.value
          top -= height
          return {
            y: top,
            height,
            css: screenColour(labs[i + 1]!).css,
            name: coatKinds[coats.stack.coats[i]!.kind].name,
          }
        }),
      ],
    }
  }),
)
</script>

<template>
  <section aria-label="Strata" class="strata">
    <WhereToLook v-model="where" />
    <div class="pictures" :style="{ '--columns': shown.length }">
      <figure v-for="column in strata" :key="column.relief">
        <ColourPatch
          :lab="column.end"
          class="end"
          :label="`${column.relief} ${lightWords[where]}, finished`"
        />
        <svg
          :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
          preserveAspectRatio="none"
          role="img"
          :aria-label="`Coats on the ${column.relief}, from below: ${column.layers.map(({ name }) => name).join(', ')}`"
        >
          <rect
            v-for="(layer, i) in column.layers"
            :key="i"
            x="0"
            :width="WIDTH"
            :y="layer.y"
            :height="Math.max(0, layer.height)"
            :fill="layer.css"
            :class="{ chosen: i === chosen + 1 }"
          >
            <title>{{ layer.name }}</title>
          </rect>
        </svg>
        <figcaption>{{ reliefNames[column.relief] }}</figcaption>
      </figure>
      <div class="results">
        <table>
          <caption class="soft">
            Coat by coat on the flat
          </caption>
          <thead>
            <tr>
              <td />
              <th v-for="place in lightPlaces" :key="place" scope="col">
                {{ place === 'deep-shadow' ? 'deep' : lightNames[place] }}
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(_, i) in coats.layers!.middle.flat" :key="i">
              <th scope="row">{{ i === 0 ? 'undercoat' : `${i}` }}</th>
              <td v-for="place in lightPlaces" :key="place" class="swatch">
                <ColourPatch :lab="coats.layers![place].flat[i]!" class="patch" />
              </td>
            </tr>
          </tbody>
        </table>
      </div>
    </div>
    <p class="soft">
      <template v-if="coats.off">
        It ends {{ coats.off.shadow.toFixed(1) }} from the ladder in the shadow,
        {{ coats.off.middle.toFixed(1) }} in the middle, {{ coats.off.light.toFixed(1) }} in the
        light.
      </template>
      A film four times as thick is drawn twice as high. {{ lookNotes[coats.look] }} It dries
      {{ coats.finish }}.
    </p>
  </section>
</template>

<style scoped>
.pictures {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr)) 350px;
  align-items: start;
}
figure {
  margin: 0;
}
svg {
  display: block;
  width: 100%;
  height: 210px;
}
.end {
  height: 34px;
}
figcaption {
  padding: 2px 4px;
}
.chosen {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 4 3;
}
.results {
  padding-left: 20px;
  align-self: start;
}
table {
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
  font-size: 0.875rem;
}
caption {
  text-align: left;
}
th {
  font-weight: 400;
  text-align: left;
  padding: 0 6px 0 0;
}
thead th {
  padding: 0 2px 2px 0;
}
thead td {
  width: 82px;
}
.swatch {
  padding: 0;
}
.patch {
  height: 24px;
}
p {
  margin: 4px 0 0;
  font-size: 0.875rem;
}
@media (max-width: 700px) {
  .pictures {
    grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  }
  .results {
    grid-column: 1 / -1;
    padding: 10px 0 0;
  }
}
</style>
