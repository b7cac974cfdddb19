import { computed } from 'vue'
import {
  displayColour,
  harmonics,
  isEverywhere,
  keyVector,
  liesAt,
  lifeAt,
  lifeZones,
  lightParts,
  reaching,
  spotOf,
} from '../../../core'
import type { Lab, Place, Spot } from '../../../core'
import type { Living } from '../../stores/accents/soFar'
import type { FormLife } from './formScene'
import type { FormSubject } from './formSubject'

type Screen = readonly [number, number, number]

/** What lies on every point of the form that is shown, for the scene to draw. */
export function useFormPoints(asked: {
  place: () => Place | undefined
  painted: () => ((spot: Spot) => Lab) | undefined
  /** Places of life that coats are kept to or kept from. */
  zones: () => readonly string[]
  life: () => readonly Living[] | undefined
  grey: () => boolean
  of: () => FormSubject
}) {
  const geometry = computed(() => asked.of().geometry)
  const onScreen = ({ L, a, b }: Lab): Screen =>
    displayColour(asked.grey() ? { L, a: 0, b: 0 } : { L, a, b }).rgb

  /** What kind of spot a point of the form is, as the ladder parts the light. */
  const spotAt = computed(() => {
    const { steps, light } = asked.of()
    const at = steps.findIndex(({ key }) => key === 'base')
    const parts = lightParts(steps[at]!.target.L, at, steps.length - 1 - at)
    const key = keyVector(light)
    const made = geometry.value
    const from = made && harmonics(...key, made.reach.terms)
    return (p: number) =>
      spotOf(
        {
          nx: made!.normals[3 * p]!,
          ny: made!.normals[3 * p + 1]!,
          nz: made!.normals[3 * p + 2]!,
          occlusion: made!.occlusion[p]!,
          curvature: made!.curvature[p]!,
          through: reaching(made!.reach, p, from!),
        },
        parts,
        key,
      )
  })
  /** Weights of the places of life on our own forms, worked out where one is first asked for. */
  const weightsOf = computed(() => {
    const made = geometry.value
    const { own, key } = asked.of()
    const zones = own || !made ? [] : lifeZones[key]
    const known = new Map<string, Float32Array>()
    return (key: string): Float32Array | undefined => {
      const zone = zones.find((one) => one.key === key)
      if (zone && !known.has(key)) known.set(key, lifeAt(zone, made!.positions))
      return known.get(key)
    }
  })
  const zonesAt = (keys: readonly string[]) => (p: number) =>
    keys.find((key) => (weightsOf.value(key)?.[p] ?? 0) > 0.5)
  /** Where a place is; on a sculpt no place of life is marked, and it is shown without that. */
  const mask = computed(() => {
    const place = asked.place()
    if (!place || !geometry.value || isEverywhere(place)) return undefined
    const named = [...new Set(place.flatMap(({ zones = [], but = [] }) => [...zones, ...but]))]
    const marked = named.filter((key) => weightsOf.value(key))
    const bare = place.map(({ zones, but, ...where }) => ({
      ...where,
      ...(zones?.some((key) => marked.includes(key)) ? { zones } : {}),
      ...(but?.some((key) => marked.includes(key)) ? { but } : {}),
    }))
    const zoneAt = zonesAt(marked)
    return Float32Array.from(geometry.value.occlusion, (_, p) => {
      const zone = marked.length > 0 ? zoneAt(p) : undefined
      return liesAt(bare, { ...spotAt.value(p), ...(zone ? { zone } : {}) }) ? 1 : 0
    })
  })
  /** Every point in the colour of its kind of spot. */
  const coated = computed(() => {
    const painted = asked.painted()
    if (!painted || !geometry.value) return undefined
    const many = geometry.value.occlusion.length
    const zoneAt = asked.zones().length > 0 ? zonesAt(asked.zones()) : undefined
    const colours = new Float32Array(3 * many)
    const known = new Map<string, Screen>()
    for (let p = 0; p < many; p++) {
      const spot = spotAt.value(p)
      const zone = zoneAt?.(p)
      const key = `${spot.relief}${spot.light}${spot.side}${spot.down}${zone}`
      let rgb = known.get(key)
      if (!rgb) known.set(key, (rgb = onScreen(painted({ ...spot, ...(zone ? { zone } : {}) }))))
      colours.set(rgb, 3 * p)
    }
    return colours
  })
  /** Glazes and small parts where they lie. */
  const life = computed<FormLife | undefined>(() => {
    const made = geometry.value
    const living = (asked.life() ?? []).filter(({ zone }) => weightsOf.value(zone))
    if (!made || living.length === 0) return undefined
    const many = made.occlusion.length
    const glazed = new Float32Array(3 * many)
    const over = new Float32Array(4 * many)
    for (const { zone, glaze, cover } of living) {
      const weights = weightsOf.value(zone)!
      const [from, to] = glaze ? [onScreen(glaze.from), onScreen(glaze.to)] : [undefined, undefined]
      const rgb = cover && onScreen(cover)
      weights.forEach((weight, p) => {
        if (weight <= 0) return
        for (const c of [0, 1, 2] as const) {
          if (from && to) glazed[3 * p + c]! += weight * (to[c] - from[c])
          if (rgb && weight >= over[4 * p + 3]!) over[4 * p + c] = rgb[c]
        }
        if (rgb) over[4 * p + 3] = Math.max(weight, over[4 * p + 3]!)
      })
    }
    return { glazed, over }
  })
  return { spotAt, mask, coated, life }
}
